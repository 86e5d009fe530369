#!/bin/sh
usage() { echo "Usage: boxes add|list [OPTION]..." >&2; exit 2; }
add_boxes() {
  while getopts n: letter; do
    case $letter in
      n) number=$OPTARG ;;
      *) usage ;;
    esac
  done
}
command=$1
shift
case $command in
  add | new) add_boxes "$@" ;;
  list)
    case "$1" in
      --late) late=1 ;;
    esac
    ;;
  *) usage ;;
esac
