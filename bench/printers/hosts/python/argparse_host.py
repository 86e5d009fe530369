import argparse
import os

from declared import interfaces, show

FORMATTERS = [
    argparse.HelpFormatter,
    argparse.ArgumentDefaultsHelpFormatter,
    argparse.RawDescriptionHelpFormatter,
    argparse.HelpFormatter,
]
COUNTS = {"integer": int, "number": float}


def add_option(groups, option, number):
    more = {"help": option.help.replace("%", "%%") or None}
    if "hidden" in option.flags:
        more["help"] = argparse.SUPPRESS
    if option.presence == "none":
        more["action"] = "store_true"
        if "negatable" in option.flags:
            more["action"] = argparse.BooleanOptionalAction
    else:
        more["metavar"] = option.placeholder
        if option.values:
            more["choices"] = option.values
            # The customary ways to write a list of choices: none, and a placeholder for it.
            if number % 3 != 0:
                del more["metavar"]
        if option.presence == "optional":
            more["nargs"] = "?"
        if "repeated" in option.flags:
            more["nargs"] = "+" if number % 2 else "*"
        if option.default:
            more["default"] = option.default
        more["type"] = str
    if "required" in option.flags:
        more["required"] = True
    groups(option.heading).add_argument(*option.spellings(), **more)


def add_operand(parser, operand):
    more = {"help": operand.help.replace("%", "%%") or None, "metavar": operand.placeholder}
    if operand.values:
        more["choices"] = operand.values
        del more["metavar"]
    if operand.most < 0:
        more["nargs"] = "+" if operand.least else "*"
    elif operand.least == 0:
        more["nargs"] = "?"
    parser.add_argument(operand.placeholder, **more)


def fill(one, command, parser, path, number):
    titled = {}

    def groups(heading):
        if not heading:
            return parser
        if heading not in titled:
            titled[heading] = parser.add_argument_group(heading)
        return titled[heading]

    for i, option in enumerate(command.options):
        add_option(groups, option, number + i)
    for operand in command.operands:
        add_operand(parser, operand)
    if command.commands:
        customs = [{}, {"metavar": "COMMAND"}, {"title": "commands"}, {"dest": "command", "metavar": "<command>", "title": "subcommands"}]
        below = parser.add_subparsers(**customs[number % len(customs)])
        for made in command.commands:
            helps = {} if made.hidden else {"help": made.summary.replace("%", "%%")}
            child = below.add_parser(made.name, aliases=made.aliases, description=made.summary.replace("%", "%%"),
                                     formatter_class=parser.formatter_class, **helps)
            fill(one, made, child, (*path, made.name), number)
    show(one, path, parser.format_help())


for number, one in enumerate(interfaces()):
    os.environ["COLUMNS"] = str(one.width)
    custom = sum(map(ord, one.program + one.version))
    parser = argparse.ArgumentParser(prog=one.program, description=one.summary, epilog=one.epilogue or None,
                                     formatter_class=FORMATTERS[custom % len(FORMATTERS)])
    fill(one, one.root, parser, (), custom)
