#!/bin/sh
prev=
for word in "$@"; do
  if [ -n "$prev" ]; then
    eval "$prev=\$word"
    prev=
    continue
  fi
  case $word in
    -o) prev=out ;;
    --all) all=1 ;;
    -*) exit 2 ;;
  esac
done
