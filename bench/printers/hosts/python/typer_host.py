import enum
import inspect
import keyword
from pathlib import Path
from typing import List, Optional

import click
import typer

from declared import interfaces, show

# With rich installed typer prints its help in boxes, at once, and nothing can be had as a text.
typer.core.rich = None

TYPES = {"text": str, "integer": int, "number": float, "file": Path}


def option_parameter(option):
    names = option.spellings()
    more = {"help": option.help or None, "hidden": "hidden" in option.flags}
    if option.environment:
        more["envvar"] = option.environment
    if option.presence == "none":
        # Without a name of its own for the opposite, typer makes one; both ways are customary.
        if "negatable" in option.flags:
            names = [name for name in names if not name.startswith("--")] + [f"--{option.long}/--no-{option.long}"]
        return bool, typer.Option(False, *names, **more)
    kind = TYPES[option.type]
    if option.values:
        kind = enum.Enum("Values", {member_name(value, i): value for i, value in enumerate(option.values)}, type=str)
    elif option.placeholder:
        more["metavar"] = option.placeholder
    if option.least:
        more.update(min=int(option.least), max=int(option.most))
    default = None
    if "required" in option.flags:
        default = ...
    elif option.default:
        default = kind(option.default)
    if "repeated" in option.flags:
        return List[kind], typer.Option(... if default is ... else [], *names, **more)
    return (kind if default is not None else Optional[kind]), typer.Option(default, *names, **more)


def member_name(value, i):
    # As people name the members of their enumerations: by the values, as far as these are identifiers.
    return value if value.isidentifier() and not keyword.iskeyword(value) else f"v{i}"


def operand_parameter(operand):
    more = {"help": operand.help or None, "metavar": operand.placeholder}
    if operand.most < 0:
        return List[str], typer.Argument(... if operand.least else None, **more)
    return (str if operand.least else Optional[str]), typer.Argument(... if operand.least else None, **more)


def function_of(command):
    def run(**_values):
        pass

    made = [(f"o{i}", *option_parameter(option)) for i, option in enumerate(command.options)]
    made += [(f"a{i}", *operand_parameter(operand)) for i, operand in enumerate(command.operands)]
    run.__signature__ = inspect.Signature([
        inspect.Parameter(name, inspect.Parameter.KEYWORD_ONLY, default=default, annotation=kind) for name, kind, default in made])
    run.__annotations__ = {name: kind for name, kind, _ in made}
    run.__doc__ = command.summary
    return run


def declared(command, epilogue):
    app = typer.Typer(
        name=command.name, help=command.summary, epilog=epilogue, hidden=command.hidden, add_completion=False)
    app.callback()(function_of(command))
    for below in command.commands:
        if below.commands:
            app.add_typer(declared(below, None))
        else:
            app.command(below.name, hidden=below.hidden)(function_of(below))
    return app


def print_helps(one, made, command, path, above=None):
    context = click.Context(made, info_name=command.name, parent=above, terminal_width=one.width, max_content_width=one.width)
    with context:
        show(one, path, made.get_help(context) + "\n")
    for below in command.commands:
        print_helps(one, made.commands[below.name], below, (*path, below.name), context)


for one in interfaces():
    one.root.summary = one.summary
    if one.root.commands:
        made = typer.main.get_command(declared(one.root, one.epilogue or None))
    else:
        app = typer.Typer(add_completion=False)
        app.command(one.program, epilog=one.epilogue or None)(function_of(one.root))
        made = typer.main.get_command(app)
    print_helps(one, made, one.root, ())
