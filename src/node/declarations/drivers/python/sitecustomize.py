"""Ends a Python program where it is about to parse its command line, and says what its parser declares.

Python imports this module before a program where its folder stands in PYTHONPATH. The document goes to the descriptor that
DABBAWALA_DECLARATIONS names; without that variable nothing happens. A small parser that reads a part of the line first, without help of its
own, does not count: the one behind it does.
"""

import os
import sys

_WANTED = os.environ.pop("DABBAWALA_DECLARATIONS", None)


def _end(parser):
    """Writes what a parser declares, and ends the program at once: nothing that it would do at its end is done."""
    import json

    from dabbawala_declarations import document

    try:
        program = os.path.basename(sys.argv[0]) if sys.argv and sys.argv[0] not in ("", "-c", "-m") else None
        found = document(parser)
        if found["program"] in ("__main__.py", "-c", "") and program:
            found["program"] = program
        text = json.dumps(found)
    except Exception as mistake:  # Whatever a parser of somebody's own class does.
        text = json.dumps({"mistake": "%s: %s" % (type(mistake).__name__, mistake)})
    rest = text.encode("utf-8", "replace")
    while rest:
        rest = rest[os.write(int(_WANTED), rest) :]
    os._exit(0)


def _watch_argparse(module):
    class_, earlier = module.ArgumentParser, []
    parse_args, parse_known_args = class_.parse_args, class_.parse_known_args

    def told_args(self, *words, **named):
        _end(self)

    def told_known_args(self, *words, **named):
        if self.add_help:
            _end(self)
        return parse_known_args(self, *words, **named)

    class_.parse_args, class_.parse_known_args = told_args, told_known_args
    if hasattr(class_, "parse_intermixed_args"):
        class_.parse_intermixed_args = told_args


def _watch_optparse(module):
    module.OptionParser.parse_args = lambda self, *words, **named: _end(self)


def _watch_click(module):
    base = getattr(module, "BaseCommand", module.Command)
    for class_ in {base, module.Command, getattr(module, "Group", module.Command)}:
        if "main" in vars(class_):
            class_.main = lambda self, *words, **named: _end(self)


def _watch_typer(module):
    for name in ("TyperCommand", "TyperGroup"):
        class_ = getattr(module, name, None)
        if class_ is not None and "main" in vars(class_):
            class_.main = lambda self, *words, **named: _end(self)


_WATCHED = {"argparse": _watch_argparse, "optparse": _watch_optparse, "click.core": _watch_click, "typer.core": _watch_typer}


class _Finder:
    """Finds the modules that are watched as Python would, and has them watched as soon as they are loaded."""

    def find_spec(self, name, path=None, target=None):
        watch = _WATCHED.pop(name, None)
        if watch is None:
            return None
        from importlib.util import find_spec

        spec = find_spec(name)
        if spec is None or spec.loader is None:
            return None
        load = spec.loader.exec_module

        def exec_module(module):
            load(module)
            watch(module)
            if not name.startswith("typer"):
                from dabbawala_declarations import note_declarations

                note_declarations(module)

        spec.loader.exec_module = exec_module
        return spec


if _WANTED is not None:
    sys.meta_path.insert(0, _Finder())
