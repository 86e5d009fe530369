#!/usr/bin/env bash
set -eu
OPTIONS=ab:
read_options() {
  local OPTIND letter
  while getopts "$OPTIONS" letter "$@"; do
    if [ "$letter" = a ]; then
      all=1
    elif [ "$letter" = b ]; then
      box="$OPTARG"
    else
      exit 2
    fi
  done
}
main() {
  read_options "$@"
}
helper() {
  while getopts xyz letter; do :; done
}
main "$@"
