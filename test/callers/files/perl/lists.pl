#!/usr/bin/perl
use strict;
# system('tiffin never');
my $path = '/srv'; my $n = $#ARGV; my $q = $';
my @late = ('tiffin', 'box', 'list');
system('tiffin', 'box', 'list', '--late') == 0 or die "tiffin box list: $?";
system "tiffin route print $path/$n | lp";
my $out = `tiffin box list --late`;
my @lines = qx{cd $path && tiffin round open "$n"};
system qw(tiffin box list --all);
open(my $list, '-|', 'tiffin', 'box', 'list', "--sort=$n") or die;
exec @late;
s/"/'/g; tr/a-z/A-Z/; my %h = (s => 1, y => 2); if ($out =~ m{'"}) { $h{s} = $h{y}; }
run(['tiffin', 'route', 'print', @ARGV]);
print "tiffin box never\n";
=pod

system('tiffin never') isn't run

=cut
system('tiffin ' . 'box list ' . $path);
__END__
system('tiffin never');
