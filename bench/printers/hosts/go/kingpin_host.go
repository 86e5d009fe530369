package main

import (
	"bytes"
	"strings"

	"gopkg.in/alecthomas/kingpin.v2"
)

type holder interface {
	Flag(name, help string) *kingpin.FlagClause
	Arg(name, help string) *kingpin.ArgClause
	Command(name, help string) *kingpin.CmdClause
}

func fill(command *declaredCommand, made holder) {
	for _, option := range command.options {
		flag := made.Flag(option.long, option.help)
		if option.short != "" {
			flag.Short(rune(option.short[0]))
		}
		if option.environment != "" {
			flag.Envar(option.environment)
		}
		if option.flags["hidden"] {
			flag.Hidden()
		}
		if option.flags["required"] {
			flag.Required()
		}
		if option.presence == "none" {
			flag.Bool()
			continue
		}
		if option.placeholder != "" && len(option.long)%2 == 0 {
			flag.PlaceHolder(option.placeholder)
		}
		if option.fallback != "" {
			flag.Default(option.fallback)
		}
		switch {
		case len(option.values) > 0:
			flag.Enum(option.values...)
		case option.flags["repeated"]:
			flag.Strings()
		case option.kind == "integer":
			flag.Int()
		case option.kind == "number":
			flag.Float64()
		default:
			flag.String()
		}
	}
	for _, operand := range command.operands {
		argument := made.Arg(operand.placeholder, operand.help)
		if operand.least > 0 {
			argument.Required()
		}
		if operand.most < 0 {
			argument.Strings()
		} else {
			argument.String()
		}
	}
	for _, below := range command.commands {
		child := made.Command(below.name, below.summary)
		for _, alias := range below.aliases {
			child.Alias(alias)
		}
		if below.hidden {
			child.Hidden()
		}
		fill(below, child)
	}
}

func printHelps(one *declaredInterface, command *declaredCommand, path []string) {
	printed := &bytes.Buffer{}
	app := kingpin.New(one.program, one.summary).Version(one.version)
	app.UsageWriter(printed).ErrorWriter(printed).Terminate(nil)
	fill(one.root, app)
	if (len(one.program)+len(one.version))%2 == 0 {
		app.UsageTemplate(kingpin.SeparateOptionalFlagsUsageTemplate)
	}
	app.Usage(append([]string{}, path...))
	show(one, path, strings.TrimLeft(printed.String(), "\n"))
	for _, below := range command.commands {
		printHelps(one, below, append(append([]string{}, path...), below.name))
	}
}

func main() {
	eachInterface(func(one *declaredInterface) { printHelps(one, one.root, nil) })
}
