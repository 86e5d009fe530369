package main

import (
	"bytes"
	"strconv"

	"github.com/urfave/cli/v2"
)

// Where the help of a command below is asked for, what must be given above it would be missed.
func flagsOf(options []*declaredOption, isAsked bool) []cli.Flag {
	made := []cli.Flag{}
	for _, option := range options {
		aliases := append([]string{}, option.aliases...)
		if option.short != "" {
			aliases = append([]string{option.short}, aliases...)
		}
		text := option.help
		if option.presence != "none" && option.placeholder != "" && len(option.long)%2 == 0 {
			text += " (`" + option.placeholder + "`)"
		}
		variables := []string{}
		if option.environment != "" {
			variables = []string{option.environment}
		}
		required := option.flags["required"] && isAsked
		hidden := option.flags["hidden"]
		switch {
		case option.presence == "none":
			made = append(made, &cli.BoolFlag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Hidden: hidden})
		case option.flags["repeated"]:
			made = append(made, &cli.StringSliceFlag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Required: required, Hidden: hidden})
		case option.kind == "integer":
			value, _ := strconv.Atoi(option.fallback)
			made = append(made, &cli.IntFlag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Value: value, Required: required, Hidden: hidden})
		case option.kind == "number":
			value, _ := strconv.ParseFloat(option.fallback, 64)
			made = append(made, &cli.Float64Flag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Value: value, Required: required, Hidden: hidden})
		case option.kind == "file":
			made = append(made, &cli.PathFlag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Value: option.fallback, Required: required, Hidden: hidden})
		default:
			made = append(made, &cli.StringFlag{Name: option.long, Aliases: aliases, Usage: text, EnvVars: variables, Value: option.fallback, Required: required, Hidden: hidden})
		}
	}
	return made
}

func commandsOf(commands []*declaredCommand, path []string) []*cli.Command {
	made := []*cli.Command{}
	for _, command := range commands {
		isOnPath := len(path) > 0 && path[0] == command.name
		below := []string{"?"}
		if isOnPath {
			below = path[1:]
		}
		made = append(made, &cli.Command{Name: command.name, Aliases: command.aliases, Usage: command.summary, Hidden: command.hidden,
			ArgsUsage: synopsisOfOperands(command.operands), Flags: flagsOf(command.options, len(below) == 0), Subcommands: commandsOf(command.commands, below)})
	}
	return made
}

func appOf(one *declaredInterface, path []string, printed *bytes.Buffer) *cli.App {
	return &cli.App{Name: one.program, HelpName: one.program, Usage: one.summary, Version: one.version, Flags: flagsOf(one.root.options, len(path) == 0),
		Commands: commandsOf(one.root.commands, path), ArgsUsage: synopsisOfOperands(one.root.operands), Writer: printed, ErrWriter: printed}
}

func printHelps(one *declaredInterface, command *declaredCommand, path []string) {
	printed := &bytes.Buffer{}
	_ = appOf(one, path, printed).Run(append(append([]string{one.program}, path...), "--help"))
	show(one, path, printed.String())
	for _, below := range command.commands {
		printHelps(one, below, append(append([]string{}, path...), below.name))
	}
}

func main() {
	cli.OsExiter = func(int) {}
	eachInterface(func(one *declaredInterface) { printHelps(one, one.root, nil) })
}
