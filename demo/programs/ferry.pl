#!/usr/bin/env perl
# Tells when the ferry with the lunchboxes leaves. Part of the demo: what it declares to Getopt::Long is more than its help shows.
use strict;
use warnings;
use Getopt::Long qw(:config bundling);

my %said = (stop => 'market');
GetOptions(\%said, 'stop|s=s', 'every|e=i', 'late!', 'verbose|v+', 'lateness=i', 'help|h') or exit 2;
print $said{help} ? <<'END' : "the ferry leaves from $said{stop}\n";
Usage: ferry [OPTION]...
Tell when the ferry leaves.

  -s, --stop=STOP     from STOP
  -e, --every=COUNT   only every COUNTth one
      --late          late ones too
  -v, --verbose       tell more
  -h, --help          print this help
END
