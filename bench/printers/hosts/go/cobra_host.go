package main

import (
	"bytes"
	"strconv"
	"strings"

	"github.com/spf13/cobra"
	"github.com/spf13/pflag"
)

func addFlag(flags *pflag.FlagSet, option *declaredOption) {
	text := option.help
	if option.presence != "none" && option.placeholder != "" && len(option.long)%2 == 0 {
		text += " (`" + option.placeholder + "`)"
	}
	switch {
	case option.presence == "none":
		flags.BoolP(option.long, option.short, false, text)
	case option.flags["repeated"] && len(option.long)%3 == 0:
		flags.StringArrayP(option.long, option.short, nil, text)
	case option.flags["repeated"]:
		flags.StringSliceP(option.long, option.short, nil, text)
	case option.kind == "integer":
		value, _ := strconv.Atoi(option.fallback)
		flags.IntP(option.long, option.short, value, text)
	case option.kind == "number":
		value, _ := strconv.ParseFloat(option.fallback, 64)
		flags.Float64P(option.long, option.short, value, text)
	default:
		flags.StringP(option.long, option.short, option.fallback, text)
	}
	if option.presence == "optional" {
		flags.Lookup(option.long).NoOptDefVal = "often"
	}
	if option.flags["hidden"] {
		_ = flags.MarkHidden(option.long)
	}
	if option.flags["deprecated"] {
		_ = flags.MarkDeprecated(option.long, "it goes away")
	}
}

func declared(one *declaredInterface, command *declaredCommand) *cobra.Command {
	made := &cobra.Command{
		Use:     strings.TrimSpace(command.name + " " + synopsisOfOperands(command.operands)),
		Aliases: command.aliases,
		Short:   command.summary,
		Hidden:  command.hidden,
	}
	if len(command.commands) == 0 || command == one.root {
		made.Run = func(*cobra.Command, []string) {}
	}
	for i, option := range command.options {
		flags := made.Flags()
		if command == one.root && len(command.commands) > 0 && i%2 == 0 {
			flags = made.PersistentFlags()
		}
		addFlag(flags, option)
	}
	for _, below := range command.commands {
		made.AddCommand(declared(one, below))
	}
	return made
}

func printHelps(one *declaredInterface, command *cobra.Command, path []string) {
	printed := &bytes.Buffer{}
	command.SetOut(printed)
	command.InitDefaultHelpFlag()
	command.InitDefaultVersionFlag()
	_ = command.Help()
	show(one, path, printed.String())
	for _, below := range command.Commands() {
		if below.Name() == "help" || below.Name() == "completion" {
			continue
		}
		printHelps(one, below, append(append([]string{}, path...), below.Name()))
	}
}

func main() {
	eachInterface(func(one *declaredInterface) {
		root := declared(one, one.root)
		root.Version = one.version
		root.InitDefaultHelpCmd()
		root.InitDefaultCompletionCmd()
		printHelps(one, root, nil)
	})
}
