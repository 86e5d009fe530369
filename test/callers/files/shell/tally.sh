#!/bin/bash
TIFFIN=/usr/bin/tiffin
alias late='tiffin box list --late'
list() { tiffin box list "$@"; }
if $TIFFIN box list --all && ! tiffin route print 3; then echo done; fi
late -r "north quay" # tiffin in a comment
list --sort="$KEY"
sudo -u clerk env BOX=3 timeout 5 tiffin box add 'a b' "c\"d" e\ f
tiffin box find "$(tiffin box list --late)" > tiffin.txt
sh -c "tiffin round open --from=lower 4" ; eval 'tiffin round close'
find . -name '*.box' -exec tiffin box add {} \;
ls | xargs -n 1 tiffin box add --kitchen
cat <<END
tiffin is not called here, $(tiffin box list -a) is
END
tiffin \
  route plan $OPTS 4
echo tiffin box list
tiffinbox list
