#!/bin/sh
verbose=0
while [ $# -gt 0 ]; do
  case "$1" in
    -v | --verbose) verbose=$((verbose + 1)); shift ;;
    --day=*) day=${1#--day=}; shift ;;
    -d | --day)
      [ $# -gt 1 ] || exit 2
      day=$2
      shift 2
      ;;
    --vers | --versi | --versio | --version) echo 1.0; exit 0 ;;
    -[pP]) pack=1; shift ;;
    --) shift; break ;;
    -*) echo "boxes: unknown option $1" >&2; exit 2 ;;
    *) break ;;
  esac
done
