# bash completion for kennel
_kennel() {
  local cur prev words cword
  cur=${COMP_WORDS[COMP_CWORD]}
  prev=${COMP_WORDS[COMP_CWORD-1]}
  case ${COMP_WORDS[1]} in
    roll|ls)
      case $prev in
        -s|--sort) COMPREPLY=($(compgen -W 'height age' -- "$cur")); return ;;
        -o|--output) COMPREPLY=($(compgen -f -- "$cur")); return ;;
      esac
      COMPREPLY=($(compgen -W '-s --sort -o --output -a --all -v --verbose -h --help --version' -- "$cur"))
      ;;
    walk)
      case $prev in
        --leash) return ;;
        --dir) COMPREPLY=($(compgen -d -- "$cur")); return ;;
      esac
      if [[ $cur == -* ]]; then
        COMPREPLY=($(compgen -W '-n --dry-run --leash --dir -v --verbose -h --help --version' -- "$cur"))
      else
        COMPREPLY=($(compgen -f -- "$cur"))
      fi
      ;;
    *)
      COMPREPLY=($(compgen -W 'roll ls walk -v --verbose -h --help --version' -- "$cur"))
      ;;
  esac
}
complete -F _kennel kennel
