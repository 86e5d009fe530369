# Completion of tiffin for fish, kept by hand. Its gaps and stale words are planted; ../../planted.json lists them.

complete -c tiffin -f
complete -c tiffin -s h -l help -d 'print this help, and exit'

complete -c tiffin -n __fish_use_subcommand -a box -d 'list, add and find lunchboxes'
complete -c tiffin -n __fish_use_subcommand -a route -d 'plan and print the routes of the carriers'
complete -c tiffin -n __fish_use_subcommand -a round -d 'open and close a delivery round'
complete -c tiffin -n __fish_use_subcommand -a kitchen -d 'show the menus of the kitchens'
complete -c tiffin -n __fish_use_subcommand -a ledger -d 'show and post entries of the ledger'
# Planted: there is no such command.
complete -c tiffin -n __fish_use_subcommand -a crate -d 'count the crates'
complete -c tiffin -n __fish_use_subcommand -s c -l config -r -F -d 'read settings from FILE'
complete -c tiffin -n __fish_use_subcommand -l colour -f -a 'always auto never' -d 'colour the output'
complete -c tiffin -n __fish_use_subcommand -s d -l dry-run -d 'say what would be done, and do nothing'
# Planted: it takes no argument.
complete -c tiffin -n __fish_use_subcommand -s q -l quiet -x -d 'print nothing but errors'
complete -c tiffin -n __fish_use_subcommand -s V -l version -d 'print the version, and exit'

set -l box list add find
complete -c tiffin -n "__fish_seen_subcommand_from box; and not __fish_seen_subcommand_from $box" -a list -d 'list the boxes of a day'
complete -c tiffin -n "__fish_seen_subcommand_from box; and not __fish_seen_subcommand_from $box" -a add -d 'register new boxes'
complete -c tiffin -n "__fish_seen_subcommand_from box; and not __fish_seen_subcommand_from $box" -a find -d 'say where a box was last seen'
set -l list '__fish_seen_subcommand_from box; and __fish_seen_subcommand_from list'
complete -c tiffin -n $list -s a -l all -d 'list returned boxes too'
complete -c tiffin -n $list -l late-boxes -d 'list only the boxes that came late'
complete -c tiffin -n $list -s r -l route -x -d 'list only the boxes on route NAME'
complete -c tiffin -n $list -l route-map -d 'draw the way of each box through the town'
complete -c tiffin -n $list -s s -l sort -x -a 'owner quay weight' -d 'sort by KEY'
set -l add '__fish_seen_subcommand_from box; and __fish_seen_subcommand_from add'
complete -c tiffin -n $add -s l -l litres -x -d 'size of the box in litres'
complete -c tiffin -n $add -s k -l kitchen -x -d 'kitchen that fills the box'
# Planted: it has a text.
complete -c tiffin -n $add -l vegetarian
set -l find '__fish_seen_subcommand_from box; and __fish_seen_subcommand_from find'
complete -c tiffin -n $find -s n -l nearest -d 'name the quay nearest to that place as well'
complete -c tiffin -n $find -s w -l within -x -d 'look back no longer than MINUTES'

set -l route plan print
complete -c tiffin -n "__fish_seen_subcommand_from route; and not __fish_seen_subcommand_from $route" -a plan -d 'plan the routes of a day'
complete -c tiffin -n "__fish_seen_subcommand_from route; and not __fish_seen_subcommand_from $route" -a print -d 'print the route of a carrier'
set -l plan '__fish_seen_subcommand_from route; and __fish_seen_subcommand_from plan'
complete -c tiffin -n $plan -s q -l quay -x -d 'plan only for the boxes that land at quay NAME'
complete -c tiffin -n $plan -l avoid-hills -d 'send carriers the long way round where it is flat'
complete -c tiffin -n $plan -l avoid-harbour -d 'send carriers the long way round where it is flat'
complete -c tiffin -n $plan -s m -l most -x -d 'load a carrier with NUMBER boxes at the most'
set -l print '__fish_seen_subcommand_from route; and __fish_seen_subcommand_from print'
complete -c tiffin -n $print -s m -l map -d 'add a map of the town'
complete -c tiffin -n $print -l n -x -d 'print the next COUNT stops only'
complete -c tiffin -n $print -s p -l paper -x -a 'card sheet roll' -d 'fit the lines to SIZE'

set -l round open close
complete -c tiffin -n "__fish_seen_subcommand_from round; and not __fish_seen_subcommand_from $round" -a open -d 'open a round and assign its carriers'
complete -c tiffin -n "__fish_seen_subcommand_from round; and not __fish_seen_subcommand_from $round" -a close -d 'close a round and count its boxes'
set -l open '__fish_seen_subcommand_from round; and __fish_seen_subcommand_from open'
complete -c tiffin -n $open -s b -l bicycle -d 'assign carriers with a bicycle only'
complete -c tiffin -n $open -l breakfast -d 'deliver before eight in the morning'
complete -c tiffin -n $open -s f -l from -x -d 'start at QUAY'
set -l close '__fish_seen_subcommand_from round; and __fish_seen_subcommand_from close'
complete -c tiffin -n $close -s k -d 'keep boxes that are missing on the list'
complete -c tiffin -n $close -s n -l note -x -d 'write TEXT into the book of the round'
complete -c tiffin -n $close -s y -l yes -d 'do not ask before a round with open boxes is closed'

set -l kitchen '__fish_seen_subcommand_from kitchen'
complete -c tiffin -n $kitchen -s w -l week -d 'show the whole week'
complete -c tiffin -n $kitchen -l with-prices -d 'add the price of each dish'
complete -c tiffin -n $kitchen -l without-fish -d 'leave out dishes with fish'
complete -c tiffin -n $kitchen -l portion_size -x -d 'reckon with portions of N grams'

set -l ledger show post
complete -c tiffin -n "__fish_seen_subcommand_from ledger; and not __fish_seen_subcommand_from $ledger" -a show -d 'show the entries of a member'
complete -c tiffin -n "__fish_seen_subcommand_from ledger; and not __fish_seen_subcommand_from $ledger" -a post -d 'post an entry'
set -l show '__fish_seen_subcommand_from ledger; and __fish_seen_subcommand_from show'
complete -c tiffin -n $show -s s -l since -x -d 'show entries from DATE on'
complete -c tiffin -n $show -s t -l terse
complete -c tiffin -n $show -s u -l unpaid -d 'show only what is still to be paid'
set -l post '__fish_seen_subcommand_from ledger; and __fish_seen_subcommand_from post'
complete -c tiffin -n $post -s n -l note -x -d 'say with TEXT what the money was for'
complete -c tiffin -n $post -s p -l password -x -d 'open the ledger with WORD'
complete -c tiffin -n $post -s u -l undo -d 'take the last entry of MEMBER back'
