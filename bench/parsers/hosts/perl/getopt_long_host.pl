# Getopt::Long in the configuration that VARIANT names.
use strict;
use warnings;
use FindBin;
use Getopt::Long;
require "$FindBin::Bin/probe.pl";

Getopt::Long::Configure(split ' ', $ENV{VARIANT} // '');
my (%flags, %values);
GetOptions(
    'all|a' => \$flags{all},
    'brief|b' => \$flags{brief},
    'output|o=s' => \$values{output},
    'outline' => \$flags{outline},
    'quiet|quieter' => \$flags{quiet},
    'color|c:s' => \$values{color},
    'dry-run|n' => \$flags{'dry-run'},
) or exit 2;
show(\%flags, \%values, @ARGV);
