# Asks bash what a completion offers: ask.bash SCRIPT LIBRARY; either may be empty.
#
# From descriptor 3 it reads a secret for the loading, then for each question a line of fields parted by US (octal 037): the command line,
# the word to complete, the word before it, then all words as readline parts them; behind each question a secret. To
# descriptor 4 it answers in lines that begin with the secret: R when the script is loaded, W with a word, E with the status of the
# function and what it told compopt.
#
# What a script defines, prints or sets must not count as an answer. The secret of an answer is read when the script has had its turn, both
# descriptors are closed to it, the whole is one function that is read before the script is, and before each answer the
# functions that stand before builtins are taken away: in POSIX mode, where unset stands before all functions.
dw_main() {
  builtin set +o history
  builtin shopt -s extglob progcomp
  builtin local dw_us=$'\037' dw_line dw_secret dw_fields dw_name dw_found dw_status dw_told dw_reply dw_function
  if [[ -n $2 ]]; then builtin . "$2" 3<&- 4>&- </dev/null >/dev/null || exit 3; fi
  if [[ -n $1 ]]; then builtin . "$1" 3<&- 4>&- </dev/null >/dev/null || exit 4; fi
  POSIXLY_CORRECT=1
  unset -f builtin exit read printf || exit 5
  unset POSIXLY_CORRECT
  builtin trap - DEBUG RETURN ERR
  IFS= builtin read -r dw_secret <&3
  builtin printf '%s%sR\n' "$dw_secret" "$dw_us" >&4
  while IFS= builtin read -r dw_line <&3; do
    dw_fields=()
    # An empty word is a word too, which read would leave out.
    while [[ $dw_line == *"$dw_us"* ]]; do
      dw_fields+=("${dw_line%%"$dw_us"*}")
      dw_line=${dw_line#*"$dw_us"}
    done
    dw_fields+=("$dw_line")
    dw_secret= dw_told= dw_status=0
    # Outside a real completion compopt only fails: what it is told is kept instead.
    compopt() {
      builtin local word
      for word; do
        case $word in [-+]o) ;; *) dw_told="$dw_told $word" ;; esac
      done
      builtin return 0
    }
    dw_name=${dw_fields[3]}
    COMP_LINE=${dw_fields[0]} COMP_POINT=${#dw_fields[0]} COMP_TYPE=9 COMP_KEY=9
    COMP_WORDS=("${dw_fields[@]:3}") COMP_CWORD=$((${#dw_fields[@]} - 4)) COMPREPLY=()
    dw_found=$(builtin complete -p -- "$dw_name" 2>/dev/null)
    if [[ -z $dw_found ]]; then
      if [[ -n $(builtin declare -F __load_completion) ]]; then __load_completion "$dw_name"
      elif [[ -n $(builtin declare -F _comp_load) ]]; then _comp_load "$dw_name"
      fi </dev/null >/dev/null 2>&1 3<&- 4>&-
      dw_found=$(builtin complete -p -- "$dw_name" 2>/dev/null)
    fi
    if [[ $dw_found == *' -F '* ]]; then
      dw_function=${dw_found##* -F }
      "${dw_function%% *}" "$dw_name" "${dw_fields[1]}" "${dw_fields[2]}" </dev/null >/dev/null 2>&1 3<&- 4>&-
      dw_status=$?
      # The function has loaded another one, which is to be asked.
      if [[ $dw_status == 124 ]]; then
        dw_found=$(builtin complete -p -- "$dw_name" 2>/dev/null) COMPREPLY=()
        dw_function=${dw_found##* -F }
        "${dw_function%% *}" "$dw_name" "${dw_fields[1]}" "${dw_fields[2]}" </dev/null >/dev/null 2>&1 3<&- 4>&-
        dw_status=$?
      fi
    elif [[ -n $dw_found ]]; then
      dw_reply=${dw_found#complete }
      builtin mapfile -t COMPREPLY < <(builtin eval "builtin compgen ${dw_reply% *} -- \"\${dw_fields[1]}\"" 2>/dev/null </dev/null 3<&- 4>&-)
    else
      dw_status=none
    fi
    POSIXLY_CORRECT=1
    unset -f builtin exit read printf || exit 5
    unset POSIXLY_CORRECT
    builtin trap - DEBUG RETURN ERR
    IFS= builtin read -r dw_secret <&3
    for dw_reply in "${COMPREPLY[@]}"; do
      builtin printf '%s%sW%s%s\n' "$dw_secret" "$dw_us" "$dw_us" "${dw_reply//$'\n'/ }" >&4
    done
    case " $dw_found " in *' -o default '* | *' -o bashdefault '*) dw_told="$dw_told default" ;; esac
    case " $dw_found " in *' -o filenames '*) dw_told="$dw_told filenames" ;; esac
    builtin printf '%s%sE%s%s%s%s\n' "$dw_secret" "$dw_us" "$dw_us" "$dw_status" "$dw_us" "$dw_told" >&4
  done
}
dw_main "$1" "$2"
