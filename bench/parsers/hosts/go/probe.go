package main

import (
	"fmt"
	"os"
	"strings"
)

// How every host in Go prints what its parser read.

func asksCommands() bool { return os.Getenv("PROBE") == "commands" }

var names = []string{"start", "status", "stop", "route:plan"}

func flag1(name string, given bool) {
	if given {
		fmt.Println("option", name)
	}
}

func value(name string, text string, given bool) {
	if given {
		fmt.Println(strings.TrimRight("option "+name+" "+text, " "))
	}
}

func finish(operands []string) {
	for _, one := range operands {
		fmt.Println("operand", one)
	}
	fmt.Println("read")
}
