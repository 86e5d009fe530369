package main

import "flag"

// The flag package of Go's standard library: all names are of one kind.
func main() {
	all := flag.Bool("all", false, "all")
	brief := flag.Bool("brief", false, "brief")
	output := flag.String("output", "", "output")
	outline := flag.Bool("outline", false, "outline")
	dry := flag.Bool("dry-run", false, "dry")
	flag.Parse()
	flag1("all", *all)
	flag1("brief", *brief)
	flag1("outline", *outline)
	flag1("dry-run", *dry)
	value("output", *output, *output != "")
	finish(flag.Args())
}
