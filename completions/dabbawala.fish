# Completion of dabbawala for fish, written by dabbawala from its interface.

# Reads the command line up to the cursor, once for each: at which command it is, which of its options stand there, the one whose
# argument comes next, how many operands there are, and whether no option may come any more.
function __dabbawala_read
    set -l line (commandline -cp)
    test "$__dabbawala_line" = "$line"; and return
    set -g __dabbawala_line $line
    set -g __dabbawala_at dabbawala
    set -g __dabbawala_given
    set -g __dabbawala_option
    set -g __dabbawala_operands 0
    set -g __dabbawala_ended
    set -l takes 'dabbawala audit --kind' 'dabbawala audit --program' 'dabbawala audit --command' 'dabbawala audit --parser' 'dabbawala audit --rule' 'dabbawala audit --trust' 'dabbawala audit --with' 'dabbawala audit --settings' 'dabbawala audit --format' 'dabbawala audit --save' 'dabbawala audit --only' 'dabbawala audit --except' 'dabbawala audit --completion' 'dabbawala audit --callers' 'dabbawala audit --called-as' 'dabbawala audit --accepted' 'dabbawala audit --accept' 'dabbawala audit --until' 'dabbawala audit --checks' 'dabbawala audit --fail-on' 'dabbawala abbreviations --kind' 'dabbawala abbreviations --program' 'dabbawala abbreviations --command' 'dabbawala abbreviations --parser' 'dabbawala abbreviations --rule' 'dabbawala abbreviations --trust' 'dabbawala abbreviations --with' 'dabbawala abbreviations --settings' 'dabbawala abbreviations --format' 'dabbawala trace --kind' 'dabbawala trace --program' 'dabbawala trace --command' 'dabbawala trace --parser' 'dabbawala trace --rule' 'dabbawala trace --trust' 'dabbawala trace --with' 'dabbawala trace --settings' 'dabbawala trace --format' 'dabbawala annotate --kind' 'dabbawala annotate --program' 'dabbawala annotate --command' 'dabbawala annotate --parser' 'dabbawala annotate --rule' 'dabbawala annotate --trust' 'dabbawala annotate --with' 'dabbawala annotate --settings' 'dabbawala annotate --format' 'dabbawala compare --kind' 'dabbawala compare --program' 'dabbawala compare --command' 'dabbawala compare --parser' 'dabbawala compare --rule' 'dabbawala compare --trust' 'dabbawala compare --with' 'dabbawala compare --settings' 'dabbawala compare --format' 'dabbawala compare --save' 'dabbawala compare --add' 'dabbawala compare --callers' 'dabbawala compare --called-as' 'dabbawala compare --fail-on' 'dabbawala callers --kind' 'dabbawala callers --program' 'dabbawala callers --command' 'dabbawala callers --parser' 'dabbawala callers --rule' 'dabbawala callers --trust' 'dabbawala callers --with' 'dabbawala callers --settings' 'dabbawala callers --called-as' 'dabbawala callers --format' 'dabbawala callers --save' 'dabbawala callers --fail-on' 'dabbawala capture --to' 'dabbawala capture -o' 'dabbawala capture --output' 'dabbawala capture --program' 'dabbawala capture --width' 'dabbawala capture --seconds' 'dabbawala capture --depth' 'dabbawala capture --most' 'dabbawala capture --questions' 'dabbawala capture --parallel' 'dabbawala coverage --kind' 'dabbawala coverage --program' 'dabbawala coverage --command' 'dabbawala coverage --parser' 'dabbawala coverage --rule' 'dabbawala coverage --trust' 'dabbawala coverage --with' 'dabbawala coverage --settings' 'dabbawala coverage --format' 'dabbawala coverage --save' 'dabbawala coverage --shell' 'dabbawala coverage --fail-on' 'dabbawala convert --to' 'dabbawala convert --update' 'dabbawala convert -o' 'dabbawala convert --output' 'dabbawala convert --width' 'dabbawala convert --date' 'dabbawala convert --kind' 'dabbawala convert --program' 'dabbawala convert --command' 'dabbawala convert --parser' 'dabbawala convert --rule' 'dabbawala convert --trust' 'dabbawala convert --with' 'dabbawala convert --settings' 'dabbawala explain --format' 'dabbawala explain --checks'
    set -l words (commandline -opc)
    for word in $words[2..-1]
        if test -n "$__dabbawala_option"
            set -g __dabbawala_option
            continue
        end
        if test -n "$__dabbawala_ended"
            set -g __dabbawala_operands (math $__dabbawala_operands + 1)
            continue
        end
        switch $word
            case --
                set -g __dabbawala_ended yes
            case '--*=*'
                set -g -a __dabbawala_given (string split -m 1 = -- $word)[1]
            case '--*'
                set -g -a __dabbawala_given $word
                if contains -- "$__dabbawala_at $word" $takes
                    set -g __dabbawala_option $word
                end
            case '-?*'
                for letter in (string split '' -- (string sub -s 2 -- $word))
                    if test -n "$__dabbawala_option"
                        set -g __dabbawala_option
                        break
                    end
                    if contains -- "$__dabbawala_at -$letter" $takes
                        set -g __dabbawala_option -$letter
                    end
                    set -g -a __dabbawala_given -$letter
                end
            case '+?*'
                set -g -a __dabbawala_given $word
                if contains -- "$__dabbawala_at $word" $takes
                    set -g __dabbawala_option $word
                end
            case '*'
                # A subcommand, where no operand came before it.
                switch "$__dabbawala_at $word/$__dabbawala_operands"
                    case 'dabbawala audit/0'
                        set -g __dabbawala_at 'dabbawala audit'
                        set -g __dabbawala_given
                    case 'dabbawala abbreviations/0'
                        set -g __dabbawala_at 'dabbawala abbreviations'
                        set -g __dabbawala_given
                    case 'dabbawala trace/0'
                        set -g __dabbawala_at 'dabbawala trace'
                        set -g __dabbawala_given
                    case 'dabbawala annotate/0'
                        set -g __dabbawala_at 'dabbawala annotate'
                        set -g __dabbawala_given
                    case 'dabbawala compare/0'
                        set -g __dabbawala_at 'dabbawala compare'
                        set -g __dabbawala_given
                    case 'dabbawala callers/0'
                        set -g __dabbawala_at 'dabbawala callers'
                        set -g __dabbawala_given
                    case 'dabbawala capture/0'
                        set -g __dabbawala_at 'dabbawala capture'
                        set -g __dabbawala_given
                    case 'dabbawala coverage/0'
                        set -g __dabbawala_at 'dabbawala coverage'
                        set -g __dabbawala_given
                    case 'dabbawala convert/0'
                        set -g __dabbawala_at 'dabbawala convert'
                        set -g __dabbawala_given
                    case 'dabbawala explain/0'
                        set -g __dabbawala_at 'dabbawala explain'
                        set -g __dabbawala_given
                    case '*'
                        set -g __dabbawala_operands (math $__dabbawala_operands + 1)
                end
        end
    end
    # The option whose argument comes next is not used up by that.
    if test -n "$__dabbawala_option"
        set -e __dabbawala_given[-1]
    end
end

# Whether options of the command can appear here.
function __dabbawala_may
    __dabbawala_read
    test "$__dabbawala_at" = "$argv[1]"; and test -z "$__dabbawala_ended"; or return 1
    # At these commands the first operand ends the options.
    if test $__dabbawala_operands -gt 0
        contains -- "$__dabbawala_at" dabbawala 'dabbawala abbreviations' 'dabbawala trace' 'dabbawala callers' 'dabbawala capture'; and return 1
    end
    return 0
end

# Whether none of the given options is there yet.
function __dabbawala_without
    for other in $argv
        contains -- $other $__dabbawala_given; and return 1
    end
    return 0
end

# Whether a subcommand of the command can appear here.
function __dabbawala_names
    __dabbawala_read
    test "$__dabbawala_at" = "$argv[1]"; and test -z "$__dabbawala_ended"; and test $__dabbawala_operands -eq 0
end

# Whether the next word is the operand of a command that comes after so many others, or after at least so many.
function __dabbawala_operand
    __dabbawala_read
    test "$__dabbawala_at" = "$argv[1]"; and test $__dabbawala_operands $argv[2] $argv[3]
end

complete -c dabbawala -f

# dabbawala
complete -c dabbawala -n '__dabbawala_names dabbawala' -a audit -d 'find what is wrong with an interface'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a abbreviations -d 'show how short options and commands can be written'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a trace -d 'show how a command line is read, word by word'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a annotate -d 'show how help output is read, line by line'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a compare -d 'tell what a new version changes for callers'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a callers -d 'find the calls of a program in files, and say what each word means'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a capture -d 'run a program to get its help, and write its interface'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a coverage -d 'compare what shell completion offers with an interface'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a convert -d 'write an interface in another form'
complete -c dabbawala -n '__dabbawala_names dabbawala' -a explain -d 'explain what a check looks for, and why'
complete -c dabbawala -n '__dabbawala_may dabbawala' -n '__dabbawala_without -V --version' -s V -l version -d 'print the name and version, and exit'
complete -c dabbawala -n '__dabbawala_may dabbawala' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'

# dabbawala audit
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --format' -l format -x -a 'text json markdown sarif junit html lines patch' -d 'text for people, json for programs, markdown for a change log or a pull request, sarif for code sca…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l save -r -F -d 'also write the report to FILE, as one of text, json, markdown, sarif, junit, html, lines, patch; ma…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l only -r -F -d 'check only WHAT: a check, an area such as \'help\', or a command; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l except -r -F -d 'leave WHAT out; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l completion -r -F -d 'a completion script of the program, read without running it; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l callers -r -F -d 'a file or folder with calls of the program, to warn of the abbreviations in them; may be given seve…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l called-as -r -F -d 'words that call the program too, such as \'bin/run tiffin\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --complete' -l complete -d 'assume that the sources list everything, unless they say otherwise'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --rewrite' -l rewrite -d 'fix in the sources what can surely be fixed, file by file'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --accepted' -l accepted -r -F -d 'pass over the findings that FILE accepts'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --accept' -l accept -r -F -d 'add the findings that there are to the file of --accepted, with REASON'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --until' -l until -r -F -d 'accept them until DAY only, such as 2027-01-31'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --notes' -l notes -d 'tell every note, the tables of POSIX and GNU, and what was not judged'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -l checks -r -F -d 'also run the checks that a JavaScript module exports; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without --fail-on' -l fail-on -x -a 'error warning note never' -d 'the least level of a finding that makes the exit status 1'
complete -c dabbawala -n '__dabbawala_may \'dabbawala audit\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala audit\' -ge 0' -F

# dabbawala abbreviations
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without --format' -l format -x -a 'text json' -d 'text for people or json for programs'
complete -c dabbawala -n '__dabbawala_may \'dabbawala abbreviations\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala abbreviations\' -eq 0' -F
complete -c dabbawala -n '__dabbawala_operand \'dabbawala abbreviations\' -ge 1' -F

# dabbawala trace
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without --format' -l format -x -a 'text json' -d 'text for people or json for programs'
complete -c dabbawala -n '__dabbawala_may \'dabbawala trace\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala trace\' -eq 0' -F
complete -c dabbawala -n '__dabbawala_operand \'dabbawala trace\' -ge 1' -F

# dabbawala annotate
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without --format' -l format -x -a 'text json' -d 'text for people or json for programs'
complete -c dabbawala -n '__dabbawala_may \'dabbawala annotate\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala annotate\' -eq 0' -F

# dabbawala compare
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --format' -l format -x -a 'text json markdown sarif junit html lines patch' -d 'text for people, json for programs, markdown for a change log or a pull request, sarif for code sca…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l save -r -F -d 'also write the report to FILE, as one of text, json, markdown, sarif, junit, html, lines, patch; ma…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --complete' -l complete -d 'assume that the sources list everything, unless they say otherwise'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l add -r -F -d 'tell what adding NAME would change: a long option or a command, such as \'box list --late-fee\'; may…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l callers -r -F -d 'a file or folder with calls of OLD, to tell which of them will break; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -l called-as -r -F -d 'words that call the program too, such as \'bin/run tiffin\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --rewrite' -l rewrite -d 'write the names that NEW wants into the calls, file by file'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without --fail-on' -l fail-on -x -a 'error warning note never' -d 'the least level of a change that makes the exit status 1'
complete -c dabbawala -n '__dabbawala_may \'dabbawala compare\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala compare\' -eq 0' -F
complete -c dabbawala -n '__dabbawala_operand \'dabbawala compare\' -eq 1' -F

# dabbawala callers
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -l called-as -r -F -d 'words that call the program too, such as \'bin/run tiffin\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --rewrite' -l rewrite -d 'write the names in full that calls abbreviate, file by file'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --format' -l format -x -a 'text json markdown sarif junit html lines patch' -d 'text for people, json for programs, markdown for a change log or a pull request, sarif for code sca…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -l save -r -F -d 'also write the report to FILE, as one of text, json, markdown, sarif, junit, html, lines, patch; ma…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without --fail-on' -l fail-on -x -a 'error warning note never' -d 'the least level of calls that makes the exit status 1'
complete -c dabbawala -n '__dabbawala_may \'dabbawala callers\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala callers\' -eq 0' -F
complete -c dabbawala -n '__dabbawala_operand \'dabbawala callers\' -ge 1' -F

# dabbawala capture
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --to' -l to -x -a 'yaml json' -d 'the form to write'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without -o --output' -s o -l output -r -F -d 'write the document to FILE, not to standard output'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --plan' -l plan -d 'print the command lines that would be run, and do not run them'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --declared' -l declared -d 'also read what the program\'s parser declares, hidden options too, by ending it where it is about to…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --probe' -l probe -d 'also run --version, an abbreviation of --help and an option that does not exist, and ask the parser…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without -y --yes' -s y -l yes -d 'do not ask before --declared and --probe'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if the words do not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --keep-home' -l keep-home -d 'let the program see the user\'s home folder'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --keep-folder' -l keep-folder -d 'run the program in this folder instead of an empty one'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --short-help' -l short-help -d 'also try -h if --help gives no help'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --width' -l width -x -d 'the terminal width that the program is told'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --seconds' -l seconds -x -d 'the seconds that one run may take'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --depth' -l depth -x -d 'how many levels of commands are followed'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --most' -l most -x -d 'the most commands that are asked'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --questions' -l questions -r -F -d 'the most questions that --probe asks the parser, each a run'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without --parallel' -l parallel -x -d 'how many runs are done at once'
complete -c dabbawala -n '__dabbawala_may \'dabbawala capture\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala capture\' -eq 0' -f -a '(__fish_complete_command)'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala capture\' -ge 1' -F

# dabbawala coverage
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --format' -l format -x -a 'text json markdown sarif junit html lines' -d 'text for people, json for programs, markdown for a change log or a pull request, sarif for code sca…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -l save -r -F -d 'also write the report to FILE, as one of text, json, markdown, sarif, junit, html, lines; may be gi…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --observe' -l observe -d 'load the completions in real shells, and ask them'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -l shell -x -a 'bash zsh fish' -d 'check only SHELL; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --complete' -l complete -d 'assume that the source lists everything, unless it says otherwise'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --lines' -l lines -d 'print all missing lines in the syntax of each shell, not only the first ones'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without --fail-on' -l fail-on -x -a 'error warning note never' -d 'the least level of a finding on completion that makes the exit status 1'
complete -c dabbawala -n '__dabbawala_may \'dabbawala coverage\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala coverage\' -eq 0' -F
complete -c dabbawala -n '__dabbawala_operand \'dabbawala coverage\' -ge 1' -F

# dabbawala convert
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --to' -l to -x -a 'yaml json markdown bash zsh fish help man' -d 'the form to write: yaml and json are interface documents; bash, zsh and fish are completion scripts…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --update' -l update -r -F -d 'bring the interface document DOCUMENT up to date with the sources, and write it; its comments, its…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without -o --output' -s o -l output -r -F -d 'write to FILE, not to standard output'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --width' -l width -r -F -d 'the columns of help output, 40 or more; 80 if not given'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --date' -l date -x -d 'the date of a manual page as YYYY-MM-DD; today if not given'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --kind' -l kind -x -a 'document script help manual markdown' -d 'the kind of the sources, if it cannot be told from their contents'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --program' -l program -r -F -d 'the name of the program, if help output does not give it'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --command' -l command -r -F -d 'the subcommand that the help output is about, such as \'route plan\''
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --parser' -l parser -r -F -d 'the parser that the program uses, such as argparse or getopt-long'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -l rule -r -F -d 'how the parser behaves, such as \'case-sensitive=false\'; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --trust' -l trust -x -a 'document objects script help manual markdown' -d 'the kind of source to go by where several of one program differ'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -l with -r -F -d 'a document of an extension of the program; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --settings' -l settings -r -F -d 'the settings file to use; by default dabbawala-settings.yaml in this directory or the nearest one a…'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without --no-settings' -l no-settings -d 'use no settings'
complete -c dabbawala -n '__dabbawala_may \'dabbawala convert\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala convert\' -ge 0' -F

# dabbawala explain
complete -c dabbawala -n '__dabbawala_may \'dabbawala explain\'' -n '__dabbawala_without --format' -l format -x -a 'text json' -d 'text for people or json for programs'
complete -c dabbawala -n '__dabbawala_may \'dabbawala explain\'' -l checks -r -F -d 'also run the checks that a JavaScript module exports; may be given several times'
complete -c dabbawala -n '__dabbawala_may \'dabbawala explain\'' -n '__dabbawala_without -h --help' -s h -l help -d 'print this help, and exit'
complete -c dabbawala -n '__dabbawala_operand \'dabbawala explain\' -eq 0' -F
