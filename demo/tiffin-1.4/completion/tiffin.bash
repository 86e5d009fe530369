# Completion of tiffin for bash, kept by hand. Its gaps and stale words are planted; ../../planted.json lists them.

_tiffin() {
  local cur=${COMP_WORDS[COMP_CWORD]} prev=${COMP_WORDS[COMP_CWORD-1]}

  case $prev in
    -c | --config)
      COMPREPLY=($(compgen -f -- "$cur"))
      return
      ;;
    -s | --sort)
      # Planted: weight is lacking.
      COMPREPLY=($(compgen -W 'owner quay' -- "$cur"))
      return
      ;;
    -p | --paper)
      COMPREPLY=($(compgen -W 'card sheet roll' -- "$cur"))
      return
      ;;
    -f | --from | --since | -k | --kitchen | -l | --litres | -m | --most | -n | --note | --n | -r | --route | -w | --within)
      return
      ;;
  esac

  case ${COMP_WORDS[1]} in
    box)
      case ${COMP_WORDS[2]} in
        list)
          # Planted: --route-map is lacking, --late is no option.
          COMPREPLY=($(compgen -W '-a --all --late-boxes --late -r --route -s --sort -h --help' -- "$cur"))
          ;;
        add)
          COMPREPLY=($(compgen -W '-l --litres -k --kitchen --vegetarian -h --help' -- "$cur"))
          ;;
        find)
          COMPREPLY=($(compgen -W '-n --nearest -w --within -h --help' -- "$cur"))
          ;;
        *)
          COMPREPLY=($(compgen -W 'list add find -h --help' -- "$cur"))
          ;;
      esac
      ;;
    route)
      case ${COMP_WORDS[2]} in
        plan)
          COMPREPLY=($(compgen -W '-q --quay --avoid-hills --avoid-harbour -m --most -h --help' -- "$cur"))
          ;;
        print)
          COMPREPLY=($(compgen -W '-m --map --n -p --paper -h --help' -- "$cur"))
          ;;
        *)
          COMPREPLY=($(compgen -W 'plan print -h --help' -- "$cur"))
          ;;
      esac
      ;;
    round)
      case ${COMP_WORDS[2]} in
        open)
          COMPREPLY=($(compgen -W '-b --bicycle --breakfast -f --from -h --help' -- "$cur"))
          ;;
        close)
          COMPREPLY=($(compgen -W '-k -n --note -y --yes -h --help' -- "$cur"))
          ;;
        *)
          COMPREPLY=($(compgen -W 'open close -h --help' -- "$cur"))
          ;;
      esac
      ;;
    kitchen)
      COMPREPLY=($(compgen -W '-w --week --with-prices --without-fish --portion_size -h --help' -- "$cur"))
      ;;
    ledger)
      case ${COMP_WORDS[2]} in
        show)
          COMPREPLY=($(compgen -W '-s --since -t --terse -u --unpaid -h --help' -- "$cur"))
          ;;
        post)
          COMPREPLY=($(compgen -W '-n --note -p --password -u --undo -h --help' -- "$cur"))
          ;;
        *)
          COMPREPLY=($(compgen -W 'show post -h --help' -- "$cur"))
          ;;
      esac
      ;;
    *)
      # Planted: ledger is lacking.
      COMPREPLY=($(compgen -W 'box route round kitchen' -- "$cur"))
      COMPREPLY+=($(compgen -W '-c --config --colour -d --dry-run -q --quiet -h --help -V --version' -- "$cur"))
      ;;
  esac
}
complete -F _tiffin tiffin
