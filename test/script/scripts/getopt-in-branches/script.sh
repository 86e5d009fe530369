#!/bin/sh
# Asks which getopt there is, passes old options over, and keeps a mode with what stands before it.
mode=-b
out=-
if getopt -T; test $? -eq 4; then
  words=$(getopt -o fnem:o:d:Cv --long far,near,mid,out:,lid:box -n tally -- "$@")
else
  words=$(getopt fnem:o:d:Cv "$@")
fi
if [ $? -ne 0 ]; then
  exit 2
fi
eval set -- "$words"
while :; do
  case "$1" in
    -m) mode=-b$2; shift 2 ;;
    -o | --out) out=$2; shift 2 ;;
    -[fn]) shift ;;
    --far | --near | --mid) shift ;;
    -[Cv]) echo "$mode"; shift ;;
    --) shift; break ;;
  esac
done
