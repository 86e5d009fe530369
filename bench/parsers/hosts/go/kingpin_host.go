package main

import (
	"fmt"
	"os"

	"gopkg.in/alecthomas/kingpin.v2"
)

func main() {
	application := kingpin.New("probe", "")
	if asksCommands() {
		brief := application.Flag("brief", "brief").Short('b').Bool()
		all := map[string]*bool{}
		files := map[string]*[]string{}
		for _, name := range names {
			below := application.Command(name, name)
			if name == "start" {
				below.Alias("begin")
			}
			all[name] = below.Flag("all", "all").Short('a').Bool()
			files[name] = below.Arg("file", "file").Strings()
		}
		name := kingpin.MustParse(application.Parse(os.Args[1:]))
		fmt.Println("command", name)
		flag1("all", *all[name])
		flag1("brief", *brief)
		finish(*files[name])
		return
	}
	all := application.Flag("all", "all").Short('a').Bool()
	brief := application.Flag("brief", "brief").Short('b').Bool()
	output := application.Flag("output", "output").Short('o').String()
	outline := application.Flag("outline", "outline").Bool()
	mode := application.Flag("mode", "mode").Enum("fast", "slow", "sleepy")
	dry := application.Flag("dry-run", "dry").Short('n').Bool()
	files := application.Arg("file", "file").Strings()
	kingpin.MustParse(application.Parse(os.Args[1:]))
	flag1("all", *all)
	flag1("brief", *brief)
	flag1("outline", *outline)
	flag1("dry-run", *dry)
	value("output", *output, *output != "")
	value("mode", *mode, *mode != "")
	finish(*files)
}
