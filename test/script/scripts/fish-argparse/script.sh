#!/usr/bin/env fish
# Counts the boxes of a round.

set -l prog (status basename)
set -l street all

function usage
    echo "Usage: $prog [-h] [-l LEVEL] -o FILE ROUND [HOUSE]

Options:
  -h, --help         show this help
  -l, --level LEVEL  how much to say: low, mid or high
  -o, --output FILE  write to FILE"
end

function fail
    echo "$prog: $argv[1]" >&2
    exit 2
end

argparse --name=$prog --exclusive=q,v --min-args=1 -X 2 \
    h/help q/quiet v/verbose 'l/level=' 'o/output=' 'n/boxes=!_validate_int --min 1 --max 40' \
    's/street=' 'c-colour=?' 'x/exclude=+' dry-run 'way=!string match -rq "^(foot|bike)\$" -- $_flag_value' -- $argv
or exit 2

if set -q _flag_help
    usage
    exit 0
end

set -q _flag_level; or set _flag_level mid
contains -- $_flag_level low mid high
or fail "no such level"

if not set -q _flag_output
    echo "$prog: no output" >&2
    exit 2
end
if set -q _flag_street
    set street $_flag_street
end
set -l round $argv[1]
echo counting $round in $street
