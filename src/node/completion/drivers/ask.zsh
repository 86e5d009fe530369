# Asks zsh what a completion offers: ask.zsh QUESTIONS [SCRIPT]
#
# A question is a command line up to the cursor, one a line. Answers are lines of fields parted by US: R when the script is loaded, Q for
# each question, W with a word and its description, E at the end of each. Completion works only in a line editor on a terminal: an
# inner zsh gets one from zpty, and a widget that runs when its first line begins does the asking.
emulate -L zsh
zmodload zsh/zpty || exit 3
typeset -gx DW_QUESTIONS=${1:a} DW_SCRIPT=${2:+${2:a}} DW_ANSWERS=$HOME/.answers DW_LOADED=
typeset -gx ZDOTDIR=$HOME/.inner TERM=dumb
mkdir -p $ZDOTDIR
: >$DW_ANSWERS
cat >$ZDOTDIR/.zshrc <<'INNER'
stty columns 1000 rows 100 2>/dev/null
COLUMNS=1000 LINES=100 PS1= PS2=
unset HISTFILE zle_bracketed_paste
unsetopt beep prompt_cr prompt_sp
tell() { print -r -- ${(pj:\x1f:)@} >>$DW_ANSWERS }
if [[ -n $DW_SCRIPT ]]; then fpath=(${DW_SCRIPT:h} $fpath); fi
autoload -Uz compinit
compinit -u -D
if [[ -n $DW_SCRIPT ]]; then
  IFS= read -r head <$DW_SCRIPT
  if [[ $head == '#compdef '* ]]; then
    # The file is the body of a function, whatever it is called.
    functions[_dw_script]=$(<$DW_SCRIPT) || exit 4
    compdef _dw_script ${=head#\#compdef }
  else
    source $DW_SCRIPT || exit 4
  fi
fi
tell R
zstyle ':completion:*' verbose yes
zstyle ':completion:*' insert-tab false
zstyle ':completion:*' list-grouped false
zstyle ':completion:*' completer _complete
# All matches pass through compadd. Calls that only fill arrays are passed on.
compadd() {
  local -a prefix shown into flags
  local -A rest
  set -- "$@"
  local -a saved=("$@")
  zparseopts -a flags -- P:=prefix d:=shown O:=into A:=into D:=into S: p: s: i: I: W: J: V: X: x: r: R: M: F: E: o:: a k l 1 2 q f e Q n U C
  if (( $#into )); then builtin compadd "${saved[@]}"; return; fi
  local -a hits texts
  local name=$shown[2] word text
  if [[ $name == \(*\) ]]; then eval "texts=$name"
  elif [[ -n $name ]]; then texts=("${(@P)name}")
  fi
  builtin compadd -O hits -D texts "${saved[@]}"
  local -i i
  for (( i = 1; i <= $#hits; i++ )); do
    word=$IPREFIX$prefix[2]$hits[i] text=$texts[i]
    tell W "${word//$'\n'/ }" "${text//[$'\n\t']/ }"
  done
  builtin compadd "${saved[@]}"
}
ask() { _main_complete; compstate[insert]= compstate[list]= }
zle -C ask complete-word ask
zle-line-init() {
  local line
  while IFS= read -r line <&9; do
    tell Q
    BUFFER=$line CURSOR=$#BUFFER
    zle ask 2>/dev/null
    tell E
  done 9<$DW_QUESTIONS
  tell END
  BUFFER=' exit'
  zle .accept-line
}
zle -N zle-line-init
INNER
zpty -b inner "exec zsh -d -i 2>$HOME/.errors"
local chunk
while zpty -t inner 2>/dev/null; do
  zpty -r inner chunk 2>/dev/null && continue
  [[ $(tail -n 1 $DW_ANSWERS) == END ]] && break
  sleep 0.01
done
zpty -d inner 2>/dev/null
cat $DW_ANSWERS
[[ -s $HOME/.errors ]] && cat $HOME/.errors >&2
exit 0
