package main

import (
	"fmt"
	"os"

	"github.com/urfave/cli"
)

func main() {
	application := cli.NewApp()
	application.Name = "probe"
	application.Version = "1.0"
	if asksCommands() {
		application.Flags = []cli.Flag{cli.BoolFlag{Name: "brief, b"}}
		for _, name := range names {
			below := cli.Command{Name: name, Flags: []cli.Flag{cli.BoolFlag{Name: "all, a"}}, Action: func(context *cli.Context) error {
				fmt.Println("command", context.Command.Name)
				flag1("all", context.Bool("all"))
				flag1("brief", context.Bool("brief") || context.GlobalBool("brief"))
				finish(context.Args())
				return nil
			}}
			if name == "start" {
				below.Aliases = []string{"begin"}
			}
			application.Commands = append(application.Commands, below)
		}
	} else {
		application.Flags = []cli.Flag{
			cli.BoolFlag{Name: "all, a"},
			cli.BoolFlag{Name: "brief, b"},
			cli.StringFlag{Name: "output, o"},
			cli.BoolFlag{Name: "outline"},
			cli.BoolFlag{Name: "dry-run, n"},
		}
		application.Action = func(context *cli.Context) error {
			for _, name := range []string{"all", "brief", "outline", "dry-run"} {
				flag1(name, context.Bool(name))
			}
			value("output", context.String("output"), context.IsSet("output"))
			finish(context.Args())
			return nil
		}
	}
	if err := application.Run(os.Args); err != nil {
		fmt.Fprintln(os.Stderr, err)
		os.Exit(1)
	}
}
