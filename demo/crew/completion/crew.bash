# Completion of crew for bash. Its mistakes are planted; ../../planted.json lists them.
_crew() {
  local word=${COMP_WORDS[COMP_CWORD]}
  case ${COMP_WORDS[1]} in
  roster) COMPREPLY=($(compgen -W '-a --all -w --weekday -k --week' -- "$word")) ;;
  swap | sw) COMPREPLY=($(compgen -W '-n --dry-run' -- "$word")) ;;
  *) COMPREPLY=($(compgen -W 'roster swap sw -b --box -q --quay -r --rounds -h --help -V --version' -- "$word")) ;;
  esac
}
complete -F _crew crews
