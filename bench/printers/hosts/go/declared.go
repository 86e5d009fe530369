// Reads declarations of interfaces, and prints helps between marks. See ../README.md.
package main

import (
	"bufio"
	"fmt"
	"os"
	"strconv"
	"strings"
)

type declaredOption struct {
	short, long, presence, placeholder, kind, fallback, least, most, environment, heading, help string
	aliases, values                                                                             []string
	flags                                                                                       map[string]bool
}

type declaredOperand struct {
	placeholder, help string
	least, most       int
	values            []string
}

type declaredCommand struct {
	name, heading, summary string
	aliases                []string
	hidden                 bool
	options                []*declaredOption
	operands               []*declaredOperand
	commands               []*declaredCommand
}

type declaredInterface struct {
	id, program, version, summary, epilogue string
	width                                   int
	root                                    *declaredCommand
}

// eachInterface calls back for every interface of standard input.
func eachInterface(use func(*declaredInterface)) {
	var one *declaredInterface
	line := []*declaredCommand{}
	input := bufio.NewScanner(os.Stdin)
	input.Buffer(nil, 1<<24)
	for input.Scan() {
		fields := strings.Split(input.Text(), "\t")
		kind := fields[0]
		fields = fields[1:]
		switch kind {
		case "I":
			width, _ := strconv.Atoi(fields[1])
			one = &declaredInterface{id: fields[0], width: width, program: fields[2], version: fields[3], summary: fields[4], epilogue: fields[5]}
		case "C":
			depth, _ := strconv.Atoi(fields[0])
			command := &declaredCommand{name: fields[1], aliases: list(fields[2]), hidden: fields[3] == "hidden", heading: fields[4], summary: fields[5]}
			if depth == 0 {
				one.root = command
			} else {
				line[depth-1].commands = append(line[depth-1].commands, command)
			}
			line = append(line[:depth], command)
		case "O":
			last := line[len(line)-1]
			flags := map[string]bool{}
			for _, flag := range list(fields[11]) {
				flags[flag] = true
			}
			last.options = append(last.options, &declaredOption{short: fields[0], long: fields[1], aliases: list(fields[2]), presence: fields[3],
				placeholder: fields[4], kind: fields[5], values: list(fields[6]), fallback: fields[7], least: fields[8], most: fields[9],
				environment: fields[10], flags: flags, heading: fields[12], help: fields[13]})
		case "A":
			last := line[len(line)-1]
			least, _ := strconv.Atoi(fields[1])
			most, _ := strconv.Atoi(fields[2])
			last.operands = append(last.operands, &declaredOperand{placeholder: fields[0], least: least, most: most, values: list(fields[3]), help: fields[4]})
		case "E":
			use(one)
		}
	}
}

func list(field string) []string {
	if field == "" {
		return nil
	}
	return strings.Split(field, ",")
}

// show prints one help.
func show(one *declaredInterface, path []string, text string) {
	fmt.Printf("\x01%s\t%s\n%s\x02\n", one.id, strings.Join(path, " "), text)
}

// synopsisOfOperands writes operands as the authors of usage lines do.
func synopsisOfOperands(operands []*declaredOperand) string {
	words := []string{}
	for _, operand := range operands {
		word := operand.placeholder
		if operand.least > 0 {
			word = "<" + word + ">"
		}
		if operand.most < 0 {
			word += "..."
		}
		if operand.least == 0 {
			word = "[" + word + "]"
		}
		words = append(words, word)
	}
	return strings.Join(words, " ")
}
