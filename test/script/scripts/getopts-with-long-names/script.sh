#!/bin/sh
while getopts o:v-: letter; do
  case $letter in
    o) out=$OPTARG ;;
    v) verbose=1 ;;
    -)
      case $OPTARG in
        quiet) quiet=1 ;;
        day=*) day=${OPTARG#*=} ;;
        *) exit 2 ;;
      esac
      ;;
    *) exit 2 ;;
  esac
done
