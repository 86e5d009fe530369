"""Reads declarations of interfaces, and prints helps between marks. See ../README.md."""

import sys


class Option:
    def __init__(self, fields):
        (self.short, self.long, aliases, self.presence, self.placeholder, self.type, values, self.default,
         self.least, self.most, self.environment, flags, self.heading, self.help) = fields
        self.aliases = aliases.split(",") if aliases else []
        self.values = values.split(",") if values else []
        self.flags = set(flags.split(",")) if flags else set()
        self.value_helps = {}

    def spellings(self):
        names = ["-" + self.short] if self.short else []
        return names + ["--" + name for name in [self.long, *self.aliases] if name]


class Operand:
    def __init__(self, fields):
        self.placeholder, least, most, values, self.help = fields
        self.least, self.most = int(least), int(most)
        self.values = values.split(",") if values else []


class Command:
    def __init__(self, fields):
        _, self.name, aliases, flags, self.heading, self.summary = fields
        self.aliases = aliases.split(",") if aliases else []
        self.hidden = "hidden" in flags
        self.options, self.operands, self.commands = [], [], []


class Interface:
    def __init__(self, fields):
        self.id, width, self.program, self.version, self.summary, self.epilogue, _ = fields
        self.width = int(width)
        self.root = None


def interfaces():
    """Every interface of standard input."""
    line = []
    for text in sys.stdin:
        kind, *fields = text.rstrip("\n").split("\t")
        if kind == "I":
            one = Interface(fields)
        elif kind == "C":
            command = Command(fields)
            depth = int(fields[0])
            if depth == 0:
                one.root = command
            else:
                line[depth - 1].commands.append(command)
            line[depth:] = [command]
        elif kind == "O":
            line[-1].options.append(Option(fields))
        elif kind == "V":
            line[-1].options[-1].value_helps[fields[0]] = fields[1]
        elif kind == "A":
            line[-1].operands.append(Operand(fields))
        elif kind == "E":
            yield one


def walk(command, path=()):
    """Every command below and with a command, each with its path."""
    yield path, command
    for below in command.commands:
        yield from walk(below, (*path, below.name))


def show(one, path, text):
    """Prints one help."""
    sys.stdout.write(f"\x01{one.id}\t{' '.join(path)}\n{text}\x02\n")
