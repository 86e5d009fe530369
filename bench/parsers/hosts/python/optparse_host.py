import optparse

from probe import WORDS, show

parser = optparse.OptionParser(prog="probe")
parser.add_option("-a", "--all", action="store_true")
parser.add_option("-b", "--brief", action="store_true")
parser.add_option("-o", "--output")
parser.add_option("--outline", action="store_true")
parser.add_option("--quiet", "--quieter", action="store_true")
parser.add_option("--mode", choices=["fast", "slow", "sleepy"])
parser.add_option("-n", "--dry-run", action="store_true")
found, operands = parser.parse_args(WORDS)
flags = {"all": found.all, "brief": found.brief, "outline": found.outline, "quiet": found.quiet, "dry-run": found.dry_run}
show(flags, {"output": found.output, "mode": found.mode}, operands)
