#!/usr/bin/env zsh
# Puts its options into arrays, and needs no loop.
zparseopts -D -E -F -a rest -- \
  h=help -help=help \
  o:=out -out:=out \
  v+=verbose \
  -level::=level \
  q -quiet || exit 2
print -l -- "$@"
