"""What every host in Python shares: the shape that is asked for, and how what was read is printed."""

import os
import sys

COMMANDS = os.environ.get("PROBE") == "commands"
VARIANT = os.environ.get("VARIANT", "")
WORDS = sys.argv[1:]
NAMES = ["start", "status", "stop", "route:plan"]


def show(flags, values, operands, command=None):
    """Prints what was read: flags that were given, options with their values, operands."""
    if command:
        print("command", command)
    for name, given in flags.items():
        if given:
            print("option", name)
    for name, value in values.items():
        if value is not None:
            for one in value if isinstance(value, (list, tuple)) else [value]:
                print("option", name, one)
    for one in operands or []:
        print("operand", one)
    print("read")
