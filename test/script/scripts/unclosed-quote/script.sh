#!/bin/sh
while getopts a letter; do
  case $letter in
    a) all=1 ;;
  esac
done
echo "the boxes of the round
