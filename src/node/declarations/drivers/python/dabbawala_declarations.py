"""Writes what a Python parser declares as an interface document, in JSON.

For argparse, optparse, click and typer; any Python from 3.6 on, nothing to install. From a program's own code or tests:

    import json
    from dabbawala_declarations import document
    print(json.dumps(document(parser)))     # an ArgumentParser, an OptionParser or a click command

What the parser does not know is left out: a key that is not there says neither yes nor no.
"""


import os
import sys


def document(parser, program=None):
    """The interface document of a parser, as a dict; `program` is the name of the program where the parser does not know it.

    Raises a TypeError for an object that is no parser known here.
    """
    kind = _kind_of(parser)
    if kind == "argparse":
        from_kind, name, body = _argparse_document(parser)
    elif kind == "optparse":
        from_kind, name, body = _optparse_document(parser)
    elif kind == "click":
        from_kind, name, body = _click_document(parser, program)
    else:
        raise TypeError("expected an ArgumentParser, an OptionParser or a click command, found %r" % type(parser).__name__)
    head = {"dabbawala": "1", "program": program or name, "read-from": "objects", "parser": from_kind, "complete": True}
    return dict(head, **body)


def _kind_of(parser):
    for one in type(parser).__mro__:
        if one.__module__ == "argparse" and one.__name__ == "ArgumentParser":
            return "argparse"
        if one.__module__ == "optparse" and one.__name__ == "OptionParser":
            return "optparse"
        if one.__module__ == "click.core" and one.__name__ in ("Command", "BaseCommand"):
            return "click"
    return None


# Where a program declares its options

_DECLARED = {}


def note_declarations(module):
    """Notes from now on which line of the program declares each option, so that `document` can say it.

    `module` is argparse, optparse or click.core. What typer makes of the parameters of a function has no line of its own.
    """
    if hasattr(module, "_ActionsContainer"):
        module._ActionsContainer.add_argument = _noting(module, module._ActionsContainer.add_argument)
    elif hasattr(module, "OptionContainer"):
        module.OptionContainer.add_option = _noting(module, module.OptionContainer.add_option)
    elif hasattr(module, "Option"):
        module.Option.__init__ = _noting(module, module.Option.__init__)


def _noting(module, declare):
    library = os.path.dirname(module.__file__) if "." in module.__name__ else module.__file__

    def noted(self, *words, **named):
        made = declare(self, *words, **named)
        option, frame = self if made is None else made, sys._getframe(1)
        while frame is not None and frame.f_code.co_filename.startswith(library):
            frame = frame.f_back
        if frame is not None and not type(option).__module__.startswith("typer."):
            # The option is kept with its place, so that no other one takes its identity.
            _DECLARED[id(option)] = (option, "%s:%d" % (frame.f_code.co_filename, frame.f_lineno))
        return made

    return noted


def _declared_at(option):
    return _DECLARED.get(id(option), (None, None))[1]


# Notation


def _option(names, arity, placeholders, facts):
    """An option: its names, whether it takes 'none', 'mandatory' or 'optional' words, what these are called, and further facts."""
    drawn = [name + _drawn(name, arity, placeholders) for name in sorted(names, key=lambda name: name.startswith("--"))]
    return dict({"option": ", ".join(drawn)}, **facts)


def _drawn(name, arity, placeholders):
    if arity == "none":
        return ""
    words = " ".join(placeholders)
    if arity == "optional":
        return "[=%s]" % words if name.startswith("--") else "[%s]" % words
    return "=%s" % words if name.startswith("--") and len(placeholders) == 1 else " " + words


def _placeholder(text):
    """A word as the notation can hold it, in capitals; what it is really called stands beside it."""
    plain = "".join(letter if letter.isalnum() and ord(letter) < 128 else "_" for letter in str(text))
    return plain.strip("_").upper() or "VALUE"


def _argument(name, plain, facts):
    """What is known of an option-argument, with its name where the notation cannot hold it."""
    if name is not None and name != plain:
        facts = dict({"placeholder": name}, **facts)
    return {"argument": facts} if facts else {}


def _without_none(facts):
    return {key: value for key, value in facts.items() if value is not None}


def _text(value):
    return None if value is None else " ".join(str(value).split())


def _default(value):
    if isinstance(value, bool) or value is None or callable(value):
        return None
    if isinstance(value, (str, int, float)) and str(value) != "":
        return str(value)
    value = getattr(value, "value", None)
    return str(value) if isinstance(value, (str, int)) and not isinstance(value, bool) else None


_TYPES = {int: "integer", float: "number"}


# argparse


def _argparse_document(parser):
    name = "argparse" if getattr(parser, "allow_abbrev", True) else "argparse-exact"
    body = _argparse_command(parser, set())
    prefixes = getattr(parser, "prefix_chars", "-")
    if prefixes != "-":
        body["parsing"] = {"option-prefixes": sorted(prefixes + ("" if "-" not in prefixes else "")) + (["--"] if "-" in prefixes else [])}
    return name, parser.prog, body


def _argparse_command(parser, seen):
    import argparse

    seen = seen | {id(parser)}
    options, operands, commands = [], [], []
    for action in parser._actions:
        if isinstance(action, argparse._SubParsersAction):
            commands = _argparse_commands(action, seen)
        elif action.option_strings:
            options.append(_argparse_option(parser, action))
        else:
            operands.append(_argparse_operand(parser, action))
    relations = [relation for relation in map(_argparse_relation, parser._mutually_exclusive_groups) if relation]
    command = {"description": _text(parser.description), "options": options, "operands": operands, "commands": commands, "relations": relations}
    return {key: value for key, value in command.items() if value}


def _argparse_commands(action, seen):
    summaries = {one.dest: one.help for one in action._choices_actions}
    by_parser = {}
    for name, below in action.choices.items():
        by_parser.setdefault(id(below), (below, []))[1].append(name)
    commands = []
    for below, names in by_parser.values():
        if id(below) in seen:
            continue
        body = _argparse_command(below, seen)
        summary = summaries.get(names[0])
        if summary == "==SUPPRESS==":
            body["hidden"] = True
        elif summary:
            body["summary"] = _text(summary)
        commands.append(dict({"command": ", ".join(names)}, **body))
    return commands


def _argparse_option(parser, action):
    strings = list(action.option_strings)
    negated = [name for name in strings if name.startswith("--no-") and "--" + name[5:] in strings]
    names = [name for name in strings if name not in negated] or strings
    arity, placeholders, count = _argparse_arity(action)
    facts = _argparse_facts(parser, action)
    if negated and names != strings:
        facts["negated"] = negated
    if action.required:
        facts["required"] = True
    facts["key"] = _own_key(action.dest, names)
    facts["declared-at"] = _declared_at(action)
    repetition = {"_CountAction": "counted", "_AppendAction": "all-count", "_ExtendAction": "all-count", "_StoreAction": "last-wins"}
    facts["repetition"] = repetition.get(type(action).__name__)
    if arity != "none":
        word = dict(_argparse_word(action), count=count)
        metavar = action.metavar if isinstance(action.metavar, str) else None if action.metavar else action.dest.upper()
        facts.update(_argument(metavar, placeholders[0], _without_none(word)))
    return _option(names, arity, placeholders, _without_none(facts))


def _own_key(key, names):
    """The variable of an option, where it is not named after its first long name, or else its letter; the words are joined by hyphens as in names."""
    long_names = [name for name in names if name.startswith("--")] or names
    plain = "" if key in (None, "==SUPPRESS==") else str(key).replace("_", "-")
    return plain if plain and plain != long_names[0].lstrip("-").replace("_", "-") else None


def _argparse_facts(parser, action):
    shown = action.help
    if shown == "==SUPPRESS==":
        return {"hidden": True}
    if shown:
        try:
            shown = parser._get_formatter()._expand_help(action)
        except (KeyError, ValueError, TypeError, AttributeError):
            pass
    group = next((one.title for one in parser._action_groups if action in one._group_actions), None)
    standard = ("options", "optional arguments", "positional arguments", None)
    return {"help": _text(shown), "heading": None if group in standard or not action.option_strings else group}


def _argparse_arity(action):
    """How many words an option takes: its presence, what they are called, and their count where it is not one for each."""
    name = action.metavar if action.metavar is not None else (action.dest or "value").upper()
    names = [_placeholder(one) for one in (name if isinstance(name, tuple) else (name,))] or ["VALUE"]
    nargs = action.nargs
    if nargs == 0:
        return "none", names, None
    if nargs == "?":
        return "optional", names[:1], None
    if nargs in ("*", "..."):
        return "optional", names[:1], "0.."
    if nargs == "+":
        return "mandatory", names[:1], "1.."
    if isinstance(nargs, int) and nargs > 1:
        return "mandatory", (names * nargs)[:nargs] if len(names) == 1 else names, None
    return "mandatory", names[:1], None


def _argparse_word(action):
    """What is known of the words of an option or operand."""
    choices = action.choices
    values = None if choices is None or isinstance(choices, range) else [str(getattr(one, "value", one)) for one in choices]
    word = {"values": values, "default": None if action.default == "==SUPPRESS==" else _default(action.default)}
    if isinstance(choices, range) and choices.step == 1 and len(choices) > 0:
        word["range"] = "%d..%d" % (choices[0], choices[-1])
    kind = _TYPES.get(action.type)
    if type(action.type).__name__ == "FileType" or action.type is open:
        kind = "file"
    return dict(word, type=kind)


def _argparse_operand(parser, action):
    name = action.metavar if isinstance(action.metavar, str) else action.dest
    word = _argparse_word(action)
    word.update(_argparse_facts(parser, action))
    word.pop("hidden", None)
    count = {None: "1", "?": "0..1", "*": "0..", "+": "1.."}.get(action.nargs, str(action.nargs))
    if action.nargs in ("...", "A..."):
        word, count = dict(word, kind="command-line", values=None, default=None), "0.."
    return _without_none(dict(word, operand=str(name), count=count))


def _argparse_relation(group):
    members = [_main_name(action.option_strings) if action.option_strings else (action.metavar or action.dest) for action in group._group_actions]
    if len(members) < 2:
        return None
    return {"exactly-one" if group.required else "at-most-one": members}


def _main_name(names):
    return next((name for name in names if name.startswith("--")), names[0])


# optparse


def _optparse_document(parser):
    options = [_optparse_option(one, None) for one in parser.option_list]
    for group in parser.option_groups:
        options += [_optparse_option(one, group.title) for one in group.option_list]
    body = {"description": _text(parser.get_description() if parser.description else None), "options": options}
    if not parser.allow_interspersed_args:
        body["parsing"] = {"operand-order": "first-operand-ends-options"}
    return "optparse", parser.get_prog_name(), {key: value for key, value in body.items() if value}


def _optparse_option(option, heading):
    facts = {"heading": heading}
    if option.help == "SUPPRESSHELP":
        facts["hidden"] = True
    elif option.help:
        default = _default(option.default) if option.default != ("NO", "DEFAULT") else None
        facts["help"] = _text(option.help.replace("%default", default or "none"))
    facts["repetition"] = {"count": "counted", "append": "all-count", "store": "last-wins"}.get(option.action)
    names = option._short_opts + option._long_opts
    facts["key"] = _own_key(option.dest, names)
    facts["declared-at"] = _declared_at(option)
    if not option.takes_value():
        return _option(names, "none", [], _without_none(facts))
    placeholder = option.metavar or (option.dest or "value").upper()
    plain = [_placeholder(placeholder)] * (option.nargs or 1)
    default = None if option.default == ("NO", "DEFAULT") else _default(option.default)
    word = {"values": [str(one) for one in option.choices] if option.choices else None, "default": default}
    word["type"] = {"int": "integer", "long": "integer", "float": "number"}.get(option.type)
    facts.update(_argument(placeholder, plain[0], _without_none(word)))
    return _option(names, "mandatory", plain, _without_none(facts))


# click


def _click_document(command, program):
    kind = "typer" if any(one.__module__.startswith("typer.") for one in type(command).__mro__) else "click"
    name = program or command.name or "program"
    return kind, name, _click_command(command, None, name, 0)


_DEEPEST = 20


def _click_command(command, above, name, depth):
    import click

    context = click.Context(command, info_name=name, parent=above, **command.context_settings)
    options, operands = [], []
    for parameter in command.get_params(context):
        if isinstance(parameter, click.Argument):
            operands.append(_click_operand(parameter))
        else:
            options.append(_click_option(parameter, context))
    commands = []
    if hasattr(command, "list_commands") and depth < _DEEPEST:
        for below_name in command.list_commands(context):
            below = command.get_command(context, below_name)
            if below is not None:
                commands.append(dict({"command": below_name}, **_click_command(below, context, below_name, depth + 1)))
    facts = {"options": options, "operands": operands, "commands": commands}
    if getattr(command, "help", None):
        facts["description"] = _text(command.help.split("\f")[0])
    if above is not None and hasattr(command, "get_short_help_str"):
        facts["summary"] = _text(command.get_short_help_str(200))
    if getattr(command, "hidden", False):
        facts["hidden"] = True
    if getattr(command, "deprecated", False):
        facts["deprecated"] = True
    return {key: value for key, value in facts.items() if value}


def _click_option(option, context):
    facts = {"hidden": True} if getattr(option, "hidden", False) else {"help": _text(getattr(option, "help", None))}
    facts["declared-at"] = _declared_at(option)
    if option.secondary_opts:
        facts["negated"] = list(option.secondary_opts)
    if option.required:
        facts["required"] = True
    if option.envvar:
        facts["environment"] = [option.envvar] if isinstance(option.envvar, str) else list(option.envvar)
    if getattr(option, "count", False) or getattr(option, "multiple", False):
        facts["repetition"] = "counted" if getattr(option, "count", False) else "all-count"
    names = list(option.opts)
    if getattr(option, "is_flag", False) or getattr(option, "count", False):
        return _option(names, "none", [], _without_none(facts))
    shown = option.make_metavar(context) if _takes_context(option.make_metavar) else option.make_metavar()
    plain = _placeholder(option.metavar or option.name.upper())
    arity = "optional" if getattr(option, "_flag_needs_value", False) else "mandatory"
    if arity == "mandatory" and option.nargs == 1:
        facts["repetition"] = facts.get("repetition", "last-wins")
    word = _click_word(option)
    name = shown if option.metavar else None
    facts.update(_argument(name, plain, _without_none(word)))
    return _option(names, arity, [plain] * max(1, option.nargs), _without_none(facts))


def _takes_context(function):
    return "ctx" in getattr(getattr(function, "__func__", function), "__code__", None).co_varnames


def _click_word(parameter):
    import click

    kind = parameter.type
    word = {"default": _default(parameter.default)}
    if isinstance(kind, click.Choice):
        word["values"] = [str(getattr(one, "value", one)) for one in kind.choices]
    elif isinstance(kind, (click.Path, click.File)):
        word["type"] = "file" if getattr(kind, "file_okay", True) else "directory"
    elif isinstance(kind, (click.IntRange, click.FloatRange)):
        least, most = kind.min, kind.max
        word["range"] = {"least": "none" if least is None else least, "most": "none" if most is None else most}
        word["type"] = "integer" if isinstance(kind, click.IntRange) else "number"
    elif kind.name in ("integer", "float"):
        word["type"] = "integer" if kind.name == "integer" else "number"
    elif kind.name == "datetime":
        word["type"] = "date"
    return word


def _click_operand(argument):
    least = 1 if argument.required else 0
    count = "%d.." % least if argument.nargs < 0 else ("0..%d" % argument.nargs if least == 0 else str(argument.nargs))
    facts = dict(_click_word(argument), operand=argument.human_readable_name, count=count, help=_text(getattr(argument, "help", None)))
    return _without_none(facts)
