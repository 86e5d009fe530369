#!/bin/bash
parsed=`getopt -o ab: --long all \
  --long box: -- "$@"` || exit 2
eval set -- "$parsed"
while true; do
  case "$1" in
    -a | --all) all=1; shift ;;
    -b | --box) box=$2; shift 2 ;;
    --) shift; break ;;
  esac
done
