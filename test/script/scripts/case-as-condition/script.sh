#!/bin/sh
while
  case $1 in
    -f | --file) shift; file=$1 ;;
    -v) verbose=1 ;;
    -*) echo "boxes: no option $1" >&2; exit 2 ;;
    *) break ;;
  esac
do test $# -gt 0 && shift; done
