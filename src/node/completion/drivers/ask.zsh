# Asks zsh what a completion offers: ask.zsh [SCRIPT]
#
# From descriptor 3 it reads a secret for the loading, then for each question the command line up to the cursor, and a secret. To descriptor 4 it
# answers in lines of fields parted by US that begin with the secret: R when the script is loaded, W with a word and its description, E
# at the end of each. Completion works only in a line editor on a terminal: an inner zsh gets one from zpty, and a widget that
# runs when its first line begins does the asking.
#
# What a script defines, prints or sets must not count as an answer: the secret of an answer is read when the script has had its turn, both
# descriptors are closed to it, and builtins are called as builtins.
emulate -L zsh
zmodload zsh/zpty || exit 3
typeset -gx DW_SCRIPT=${1:+${1:a}}
typeset -gx ZDOTDIR=$HOME/.inner TERM=dumb
mkdir -p $ZDOTDIR
cat >$ZDOTDIR/.zshrc <<'INNER'
stty columns 1000 rows 100 2>/dev/null
COLUMNS=1000 LINES=100 PS1= PS2=
unset HISTFILE zle_bracketed_paste
unsetopt beep prompt_cr prompt_sp
zmodload zsh/parameter zsh/zutil zsh/complete zsh/zle
if [[ -n $DW_SCRIPT ]]; then fpath=(${DW_SCRIPT:h} $fpath); fi
autoload -Uz compinit
compinit -u -D
if [[ -n $DW_SCRIPT ]]; then
  () {
    local head
    IFS= read -r head <$DW_SCRIPT
    if [[ $head == '#compdef '* ]]; then
      # The file is the body of a function, whatever it is called.
      functions[_dw_script]=$(<$DW_SCRIPT) || exit 4
      compdef _dw_script ${=head#\#compdef }
    else
      source $DW_SCRIPT 3<&- 4>&- || exit 4
    fi
  }
fi
zstyle ':completion:*' verbose yes
zstyle ':completion:*' insert-tab false
zstyle ':completion:*' list-grouped false
zstyle ':completion:*' completer _complete
dw_ask() { _main_complete 3<&- 4>&-; compstate[insert]= compstate[list]= }
dw_begin() {
  builtin local line secret found
  IFS= builtin read -r secret <&3
  # Without builtins nothing can be asked, and only an error can be raised, which the outer shell sees.
  if [[ -n ${functions[builtin]} ]]; then line=${dw_none:?it hides the builtins of the shell}; fi
  builtin print -r -- "$secret"$'\x1f'R >&4
  while IFS= builtin read -r line <&3; do
    builtin typeset -ga dw_found
    dw_found=()
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
        dw_found+=("${word//$'\n'/ }"$'\x1f'"${text//[$'\n\t']/ }")
      done
      builtin compadd "${saved[@]}"
    }
    BUFFER=$line CURSOR=$#BUFFER
    builtin zle dw_ask 2>/dev/null
    IFS= builtin read -r secret <&3
    if [[ -n ${functions[builtin]} ]]; then line=${dw_none:?it hides the builtins of the shell}; fi
    for found in "${dw_found[@]}"; do builtin print -r -- "$secret"$'\x1f'W$'\x1f'"$found" >&4; done
    builtin print -r -- "$secret"$'\x1f'E >&4
  done
  builtin print END
  BUFFER=' exit'
  builtin zle .accept-line
}
zle -C dw_ask complete-word dw_ask
zle -N zle-line-init dw_begin
INNER
zpty -b inner "exec zsh -d -i 2>$HOME/.errors"
local chunk
while zpty -t inner 2>/dev/null; do
  zpty -r inner chunk 2>/dev/null && continue
  [[ -s $HOME/.errors && $(<$HOME/.errors) == *'it hides the builtins of the shell'* ]] && break
  sleep 0.01
done
zpty -d inner 2>/dev/null
[[ -s $HOME/.errors ]] && cat $HOME/.errors >&2
exit 0
