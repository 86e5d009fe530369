#!/usr/bin/fish
function cmd_add
    argparse n/dry-run 'q/quay=' -- $argv; or return 2
    test (count $argv) -eq 2; or exit 2
    echo add
end
function cmd_list -d 'List'
    set -l options l/long
    set -a options a/all {b,c}/big
    argparse $options (fish_opt -s x) -- $argv || return
end
function main
    set -l verb $argv[1]
    set -e argv[1]
    switch "$verb"
        case add
            cmd_add $argv
        case list ls
            cmd_list $argv
        case '*'
            echo "usage: boxes add|list" >&2
            exit 2
    end
end
main $argv
