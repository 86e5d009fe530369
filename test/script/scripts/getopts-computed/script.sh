#!/bin/sh
while getopts "$(cat letters)" letter; do
  case $letter in
    a) all=1 ;;
  esac
done
