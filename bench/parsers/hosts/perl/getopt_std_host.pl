use strict;
use warnings;
use FindBin;
use Getopt::Std;
require "$FindBin::Bin/probe.pl";

my %found;
getopts('abno:', \%found) or exit 2;
show({ all => $found{a}, brief => $found{b}, 'dry-run' => $found{n} }, { output => $found{o} }, @ARGV);
