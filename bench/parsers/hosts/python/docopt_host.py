from docopt import docopt

from probe import WORDS, show

found = docopt(
    """Usage: probe [options] [FILE...]

Options:
  -h --help         help
  -a --all          all
  -b --brief        brief
  -o --output=FILE  output
  --outline         outline
  -n --dry-run      dry
""",
    argv=WORDS,
)
flags = {"all": found["--all"], "brief": found["--brief"], "outline": found["--outline"], "dry-run": found["--dry-run"]}
show(flags, {"output": found["--output"]}, found["FILE"])
