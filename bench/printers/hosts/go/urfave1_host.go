package main

import (
	"bytes"
	"strconv"
	"strings"

	"github.com/urfave/cli"
)

// Where the help of a command below is asked for, what must be given above it would be missed.
func flagsOf(options []*declaredOption, isAsked bool) []cli.Flag {
	made := []cli.Flag{}
	for _, option := range options {
		names := append([]string{}, option.long)
		if option.short != "" {
			names = append(names, option.short)
		}
		name := strings.Join(append(names, option.aliases...), ", ")
		text := option.help
		if option.presence != "none" && option.placeholder != "" && len(option.long)%2 == 0 {
			text += " (`" + option.placeholder + "`)"
		}
		required := option.flags["required"] && isAsked
		hidden := option.flags["hidden"]
		switch {
		case option.presence == "none":
			made = append(made, cli.BoolFlag{Name: name, Usage: text, EnvVar: option.environment, Hidden: hidden})
		case option.flags["repeated"]:
			made = append(made, cli.StringSliceFlag{Name: name, Usage: text, EnvVar: option.environment, Required: required, Hidden: hidden})
		case option.kind == "integer":
			value, _ := strconv.Atoi(option.fallback)
			made = append(made, cli.IntFlag{Name: name, Usage: text, EnvVar: option.environment, Value: value, Required: required, Hidden: hidden})
		case option.kind == "number":
			value, _ := strconv.ParseFloat(option.fallback, 64)
			made = append(made, cli.Float64Flag{Name: name, Usage: text, EnvVar: option.environment, Value: value, Required: required, Hidden: hidden})
		default:
			made = append(made, cli.StringFlag{Name: name, Usage: text, EnvVar: option.environment, Value: option.fallback, Required: required, Hidden: hidden})
		}
	}
	return made
}

func commandsOf(commands []*declaredCommand, path []string) []cli.Command {
	made := []cli.Command{}
	for _, command := range commands {
		isOnPath := len(path) > 0 && path[0] == command.name
		below := []string{"?"}
		if isOnPath {
			below = path[1:]
		}
		made = append(made, cli.Command{Name: command.name, Aliases: command.aliases, Usage: command.summary, Hidden: command.hidden,
			ArgsUsage: synopsisOfOperands(command.operands), Flags: flagsOf(command.options, len(below) == 0), Subcommands: commandsOf(command.commands, below),
			Category: command.heading})
	}
	return made
}

func appOf(one *declaredInterface, path []string, printed *bytes.Buffer) *cli.App {
	app := cli.NewApp()
	app.Name, app.HelpName, app.Usage, app.Version = one.program, one.program, one.summary, one.version
	app.Flags = flagsOf(one.root.options, len(path) == 0)
	app.Commands = commandsOf(one.root.commands, path)
	app.ArgsUsage = synopsisOfOperands(one.root.operands)
	app.Writer = printed
	app.ErrWriter = printed
	return app
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
