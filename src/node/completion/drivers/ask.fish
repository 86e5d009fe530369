# Asks fish what a completion offers: ask.fish QUESTIONS [SCRIPT]
#
# A question is a command line up to the cursor, one a line. Answers are lines: R when the script is loaded, Q for each question, W
# with a word and, behind a tab, its description, E at the end of each.
set -l questions $argv[1]
if set -q argv[2]
    source $argv[2]; or exit 4
end
echo R
# All questions are read first: a completion that reads standard input would take the rest.
set -l lines
while read -l line
    set -a lines $line
end <$questions
for line in $lines
    echo Q
    complete --do-complete=$line 2>/dev/null </dev/null | while read -l answer
        printf 'W%s%s\n' \x1f $answer
    end
    echo E
end
