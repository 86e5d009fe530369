# fish completion for kennel
complete -c kennel -f
complete -c kennel -s v -l verbose -d 'say what is done'
complete -c kennel -s h -l help -d 'print this help and exit'
complete -c kennel -l version -d 'print the version and exit'
complete -c kennel -n __fish_use_subcommand -a roll -d 'show the dogs'
complete -c kennel -n __fish_use_subcommand -a ls -d 'show the dogs'
complete -c kennel -n __fish_use_subcommand -a walk -d 'walk a dog'
complete -c kennel -n '__fish_seen_subcommand_from roll ls' -s s -l sort -x -a 'height age' -d 'sort by KEY'
complete -c kennel -n '__fish_seen_subcommand_from roll ls' -s o -l output -r -F -d 'write the roll to FILE'
complete -c kennel -n '__fish_seen_subcommand_from roll ls' -s a -l all -d 'show what has left too'
complete -c kennel -n '__fish_seen_subcommand_from walk' -s n -l dry-run -d 'say what would be done, and do nothing'
complete -c kennel -n '__fish_seen_subcommand_from walk' -l leash -x -d 'mark the dog with COLOUR'
complete -c kennel -n '__fish_seen_subcommand_from walk' -l dir -x -a '(__fish_complete_directories)' -d 'take the route from FOLDER'
complete -c kennel -n '__fish_seen_subcommand_from walk' -F
