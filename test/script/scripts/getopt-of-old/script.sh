#!/bin/sh
set -- $(getopt qo: $*)
for word; do
  case $word in
    -q) quiet=1; shift ;;
    -o) out=$2; shift 2 ;;
    --) shift; break ;;
  esac
done
