package main

import "github.com/spf13/pflag"

func main() {
	all := pflag.BoolP("all", "a", false, "all")
	brief := pflag.BoolP("brief", "b", false, "brief")
	output := pflag.StringP("output", "o", "", "output")
	outline := pflag.Bool("outline", false, "outline")
	color := pflag.StringP("color", "c", "", "color")
	pflag.Lookup("color").NoOptDefVal = "auto"
	dry := pflag.BoolP("dry-run", "n", false, "dry")
	pflag.Parse()
	flag1("all", *all)
	flag1("brief", *brief)
	flag1("outline", *outline)
	flag1("dry-run", *dry)
	value("output", *output, *output != "")
	value("color", *color, *color != "")
	finish(pflag.Args())
}
