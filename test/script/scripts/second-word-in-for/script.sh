#!/bin/sh
for word
do
  case $word in
    -d) day=$2; break ;;
    -q) quiet=1 ;;
  esac
done
