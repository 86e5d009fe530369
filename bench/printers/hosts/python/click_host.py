import click

from declared import interfaces, show

TYPES = {"text": click.STRING, "integer": click.INT, "number": click.FLOAT, "file": click.Path()}


def type_of(option):
    if option.values:
        return click.Choice(option.values)
    if option.least:
        return click.IntRange(int(option.least), int(option.most))
    return TYPES[option.type]


def declared_option(option, number):
    more = {"help": option.help, "hidden": "hidden" in option.flags, "required": "required" in option.flags}
    names = option.spellings()
    if option.environment:
        more.update(envvar=option.environment, show_envvar=True)
    if option.presence == "none":
        more["is_flag"] = True
        if "negatable" in option.flags:
            names[-1] = f"{names[-1]}/--no-{option.long}"
    else:
        more["type"] = type_of(option)
        # Most programs leave the placeholder to the type.
        if number % 2 and not option.values:
            more["metavar"] = option.placeholder
        more["multiple"] = "repeated" in option.flags
        if option.default:
            more.update(default=option.default, show_default=True)
    return click.Option([*names, "value_" + (option.long or option.short).replace("-", "_")], **more)


def declared_operand(operand):
    more = {"required": operand.least > 0, "nargs": operand.most, "metavar": None}
    if operand.values:
        more["type"] = click.Choice(operand.values)
    return click.Argument([operand.placeholder.lower()], **more)


def declared(command, number, epilogue=None):
    parameters = [declared_option(option, number + i) for i, option in enumerate(command.options)]
    parameters += [declared_operand(operand) for operand in command.operands]
    kind = click.Group if command.commands else click.Command
    made = kind(command.name, params=parameters, help=command.summary, epilog=epilogue, hidden=command.hidden)
    for below in command.commands:
        made.add_command(declared(below, number))
    return made


def print_helps(one, made, command, path, above=None):
    context = click.Context(made, info_name=command.name, parent=above, terminal_width=one.width, max_content_width=one.width)
    with context:
        show(one, path, made.get_help(context) + "\n")
    for below in command.commands:
        print_helps(one, made.commands[below.name], below, (*path, below.name), context)


for one in interfaces():
    number = sum(map(ord, one.program + one.version))
    one.root.summary = one.summary
    print_helps(one, declared(one.root, number, one.epilogue or None), one.root, ())
