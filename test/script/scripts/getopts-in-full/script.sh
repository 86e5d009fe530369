#!/bin/sh
key=due
out=/dev/stdout
quiet=
customer=
while getopts :hk:o:qc: letter; do
  case $letter in
    h) usage; exit 0 ;;
    k)
      case $OPTARG in
        due | quay | customer) key=$OPTARG ;;
        *) exit 2 ;;
      esac
      ;;
    o) out=$OPTARG ;;
    q) quiet=1 ;;
    c) customer=$OPTARG ;;
    \?) exit 2 ;;
    :) exit 2 ;;
  esac
done
shift $((OPTIND - 1))
[ -n "$customer" ] || exit 2
[ $# -eq 2 ] || exit 2
round=$1
day=$2
