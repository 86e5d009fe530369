package main

import (
	"bytes"
	"flag"
	"fmt"
	"strconv"
)

func main() {
	eachInterface(func(one *declaredInterface) {
		printed := &bytes.Buffer{}
		set := flag.NewFlagSet(one.program, flag.ContinueOnError)
		set.SetOutput(printed)
		for _, option := range one.root.options {
			name := option.long
			if name == "" {
				name = option.short
			}
			text := option.help
			// The library takes a word in backquotes for the placeholder.
			if option.presence != "none" && option.placeholder != "" && len(name)%2 == 0 {
				text += " (`" + option.placeholder + "`)"
			}
			switch {
			case option.presence == "none":
				set.Bool(name, false, text)
			case option.kind == "integer":
				value, _ := strconv.Atoi(option.fallback)
				set.Int(name, value, text)
			case option.kind == "number":
				value, _ := strconv.ParseFloat(option.fallback, 64)
				set.Float64(name, value, text)
			default:
				set.String(name, option.fallback, text)
			}
		}
		if len(one.root.operands) > 0 {
			set.Usage = func() {
				fmt.Fprintf(printed, "Usage: %s [flags] %s\n", one.program, synopsisOfOperands(one.root.operands))
				set.PrintDefaults()
			}
		}
		_ = set.Parse([]string{"-h"})
		show(one, nil, printed.String())
	})
}
