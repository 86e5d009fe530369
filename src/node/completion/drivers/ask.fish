# Asks fish what a completion offers: ask.fish [SCRIPT]
#
# From standard input it reads a secret for the loading, then for each question the command line up to the cursor, and a secret. To
# descriptor 4 it answers in lines that begin with the secret: R when the script is loaded, W with a word and, behind a tab, its
# description, E at the end of each.
#
# What a script defines, prints or sets must not count as an answer. All is read before the script is, into variables of a function that no
# other function sees; builtins are called as builtins, and the functions that are called are defined just before.
function __dw_main
    set -l secrets
    set -l lines
    builtin read -l loaded
    while builtin read -l line
        builtin read -l secret
        set -a lines $line
        set -a secrets $secret
    end
    if builtin test (builtin count $argv) -gt 0
        function __dw_load
            builtin source $argv[1] </dev/null >/dev/null 4>&-
        end
        __dw_load $argv[1]; or exit 4
    end
    builtin printf '%s\x1fR\n' $loaded >&4
    set -l i 0
    for line in $lines
        set i (builtin math $i + 1)
        function __dw_ask
            builtin complete --do-complete=$argv[1] 2>/dev/null </dev/null 4>&-
        end
        for answer in (__dw_ask $line)
            builtin printf '%s\x1fW\x1f%s\n' $secrets[$i] $answer >&4
        end
        builtin printf '%s\x1fE\n' $secrets[$i] >&4
    end
end
__dw_main $argv
