import getopt
import sys

from probe import VARIANT, WORDS, show

read = getopt.gnu_getopt if VARIANT == "gnu" else getopt.getopt
try:
    found, operands = read(WORDS, "abno:", ["all", "brief", "output=", "outline", "dry-run"])
except getopt.GetoptError as error:
    print(error, file=sys.stderr)
    sys.exit(2)
given = dict(found)
flags = {
    "all": "-a" in given or "--all" in given,
    "brief": "-b" in given or "--brief" in given,
    "outline": "--outline" in given,
    "dry-run": "-n" in given or "--dry-run" in given,
}
show(flags, {"output": [value for name, value in found if name in ("-o", "--output")]}, operands)
