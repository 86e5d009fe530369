#!/bin/bash
parsed=$(getopt --options=ao:c:: --longoptions all,out:,colour:: -n boxes -- "$@") || exit 2
eval set -- "$parsed"
while :; do
  case $1 in
    -a | --all) all=1; shift ;;
    -o | --out) out=$2; shift 2 ;;
    -c | --colour) colour=$2; shift 2 ;;
    --) shift; break ;;
  esac
done
