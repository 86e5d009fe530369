# The getopt command of util-linux, as its manual has it used.
words=$(getopt -n probe -o 'abno:c::' -l 'all,brief,output:,outline,color::,dry-run' -- "$@") || exit 2
eval set -- "$words"
while :; do
  case $1 in
  -a | --all) printf 'option all\n' ;;
  -b | --brief) printf 'option brief\n' ;;
  -n | --dry-run) printf 'option dry-run\n' ;;
  --outline) printf 'option outline\n' ;;
  -o | --output) printf 'option output %s\n' "$2"; shift ;;
  -c | --color) printf 'option color %s\n' "$2"; shift ;;
  --) shift; break ;;
  esac
  shift
done
for one in "$@"; do printf 'operand %s\n' "$one"; done
printf 'read\n'
