#!/bin/sh
getopts :ab: letter
if [ "$letter" = '?' ]; then
  echo 'usage: boxes [-a] [-b BOX]' >&2
  exit 2
fi
case $letter in
  a) all=1 ;;
  b) box=$OPTARG ;;
esac
