# The argparse of fish.
argparse --name=probe a/all b/brief n/dry-run outline o/output= 'c/color=?' -- $argv
or exit 1
set -q _flag_all; and echo option all
set -q _flag_brief; and echo option brief
set -q _flag_dry_run; and echo option dry-run
set -q _flag_outline; and echo option outline
set -q _flag_output; and echo option output $_flag_output
set -q _flag_color; and echo option color $_flag_color
for one in $argv
    echo operand $one
end
echo read
