# The getopts of a shell, in the way in which the shell itself tells of mistakes.
while getopts abno: found; do
  case $found in
  a) printf 'option all\n' ;;
  b) printf 'option brief\n' ;;
  n) printf 'option dry-run\n' ;;
  o) printf 'option output %s\n' "$OPTARG" ;;
  *) exit 2 ;;
  esac
done
shift $((OPTIND - 1))
for one in "$@"; do printf 'operand %s\n' "$one"; done
printf 'read\n'
