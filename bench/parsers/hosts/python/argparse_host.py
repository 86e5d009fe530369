import argparse

from probe import COMMANDS, NAMES, VARIANT, WORDS, show

parser = argparse.ArgumentParser(prog="probe", allow_abbrev=VARIANT != "exact")
if COMMANDS:
    parser.add_argument("-b", "--brief", action="store_true")
    below = parser.add_subparsers(dest="command", required=True)
    for name in NAMES:
        one = below.add_parser(name, aliases=["begin"] if name == "start" else [])
        one.add_argument("-a", "--all", action="store_true")
        one.add_argument("file", nargs="*")
    found = parser.parse_args(WORDS)
    show({"all": found.all, "brief": found.brief}, {}, found.file, found.command)
else:
    parser.add_argument("-a", "--all", action="store_true")
    parser.add_argument("-b", "--brief", action="store_true")
    parser.add_argument("-o", "--output")
    parser.add_argument("--outline", action="store_true")
    parser.add_argument("--quiet", "--quieter", action="store_true")
    parser.add_argument("-c", "--color", nargs="?", const="")
    parser.add_argument("--mode", choices=["fast", "slow", "sleepy"])
    parser.add_argument("-n", "--dry-run", action="store_true")
    parser.add_argument("file", nargs="*")
    found = parser.parse_args(WORDS)
    flags = {"all": found.all, "brief": found.brief, "outline": found.outline, "quiet": found.quiet, "dry-run": found.dry_run}
    show(flags, {"output": found.output, "color": found.color, "mode": found.mode}, found.file)
