package main

import (
	"fmt"
	"os"

	"github.com/spf13/cobra"
)

func main() {
	var all, brief, outline, dry bool
	var output, color string
	root := &cobra.Command{Use: "probe"}
	if asksCommands() {
		root.PersistentFlags().BoolVarP(&brief, "brief", "b", false, "brief")
		for _, name := range names {
			below := &cobra.Command{Use: name + " [FILE...]", Run: func(command *cobra.Command, words []string) {
				fmt.Println("command", command.Name())
				flag1("all", all)
				flag1("brief", brief)
				finish(words)
			}}
			if name == "start" {
				below.Aliases = []string{"begin"}
			}
			below.Flags().BoolVarP(&all, "all", "a", false, "all")
			root.AddCommand(below)
		}
	} else {
		root.Flags().BoolVarP(&all, "all", "a", false, "all")
		root.Flags().BoolVarP(&brief, "brief", "b", false, "brief")
		root.Flags().StringVarP(&output, "output", "o", "", "output")
		root.Flags().BoolVar(&outline, "outline", false, "outline")
		root.Flags().StringVarP(&color, "color", "c", "", "color")
		root.Flags().Lookup("color").NoOptDefVal = "auto"
		root.Flags().BoolVarP(&dry, "dry-run", "n", false, "dry")
		root.Run = func(_ *cobra.Command, words []string) {
			flag1("all", all)
			flag1("brief", brief)
			flag1("outline", outline)
			flag1("dry-run", dry)
			value("output", output, output != "")
			value("color", color, color != "")
			finish(words)
		}
	}
	if root.Execute() != nil {
		os.Exit(1)
	}
}
