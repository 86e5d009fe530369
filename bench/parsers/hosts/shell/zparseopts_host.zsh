# zsh's zparseopts; options anywhere, those that do not exist refused.
zmodload zsh/zutil
zparseopts -D -E -F -- {a,-all}=all {b,-brief}=brief {n,-dry-run}=dry -outline=outline {o,-output}:=output {c,-color}::=color || exit 1
(($#all)) && print -r -- option all
(($#brief)) && print -r -- option brief
(($#dry)) && print -r -- option dry-run
(($#outline)) && print -r -- option outline
(($#output)) && print -r -- option output "$output[-1]"
(($#color)) && print -r -- option color "${color[1]#-(c|-color)}"
for one in "$@"; do print -r -- operand "$one"; done
print read
