# How every host in Perl prints what its parser read.
use strict;
use warnings;

sub show {
    my ($flags, $values, @operands) = @_;
    for my $name (sort keys %$flags) { print "option $name\n" if $flags->{$name} }
    for my $name (sort keys %$values) {
        next unless defined $values->{$name};
        print "option $name", $values->{$name} eq '' ? '' : " $values->{$name}", "\n";
    }
    print "operand $_\n" for @operands;
    print "read\n";
}

1;
