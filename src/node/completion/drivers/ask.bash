# Asks bash what a completion offers: ask.bash QUESTIONS [SCRIPT] [LIBRARY]
#
# A question is a line of fields parted by US (octal 037): the command line, the word to complete, the word before it, then all words as
# readline parts them. Answers are lines too: R when the script is loaded, Q for each question, W with a word, E with the status of
# the function and what it told compopt.
questions=$1 script=$2 library=$3
set +o history
shopt -s extglob progcomp
US=$'\037'
if [ -n "$library" ]; then . "$library" || exit 3; fi
if [ -n "$script" ]; then . "$script" || exit 4; fi
printf 'R\n'

# Outside a real completion compopt only fails: what it is told is kept instead.
told=
compopt() {
  local word
  for word; do
    case $word in [-+]o) ;; *) told="$told $word" ;; esac
  done
  return 0
}

specification() { complete -p -- "$1" 2>/dev/null; }

load() {
  if declare -F __load_completion >/dev/null; then __load_completion "$1"
  elif declare -F _comp_load >/dev/null; then _comp_load "$1"
  fi </dev/null >/dev/null 2>&1
}

run() {
  local function=${found##* -F }
  "${function%% *}" "$@" </dev/null >/dev/null 2>&1
}

ask() {
  local COMP_LINE=$1 COMP_POINT=${#1} COMP_TYPE=9 COMP_KEY=9 current=$2 previous=$3
  shift 3
  local -a COMP_WORDS=("$@") COMPREPLY=()
  local COMP_CWORD=$(($# - 1)) name=$1 found status=0 reply
  told=
  found=$(specification "$name")
  [ -n "$found" ] || { load "$name"; found=$(specification "$name"); }
  if [[ $found == *' -F '* ]]; then
    run "$name" "$current" "$previous"
    status=$?
    # The function has loaded another one, which is to be asked.
    if [ "$status" = 124 ]; then
      found=$(specification "$name") COMPREPLY=()
      run "$name" "$current" "$previous"
      status=$?
    fi
  elif [ -n "$found" ]; then
    reply=${found#complete }
    mapfile -t COMPREPLY < <(eval "compgen ${reply% *} -- \"\$current\"" 2>/dev/null </dev/null)
  else
    status=none
  fi
  for reply in "${COMPREPLY[@]}"; do printf 'W%s%s\n' "$US" "${reply//$'\n'/ }"; done
  case " $found " in *' -o default '* | *' -o bashdefault '*) told="$told default" ;; esac
  case " $found " in *' -o filenames '*) told="$told filenames" ;; esac
  printf 'E%s%s%s%s\n' "$US" "$status" "$US" "$told"
}

while IFS= read -r line <&9; do
  fields=()
  # An empty word is a word too, which read would leave out.
  while [[ $line == *$US* ]]; do
    fields+=("${line%%"$US"*}")
    line=${line#*"$US"}
  done
  fields+=("$line")
  printf 'Q\n'
  ask "${fields[@]}"
done 9<"$questions"
