#!/usr/bin/perl
# Getopt::Long takes the options; what users see is POD that the author writes, as its manual shows it, through Pod::Usage.
use strict;
use warnings;
use Pod::Usage;

sub escaped {
    my ($text) = @_;
    $text =~ s/([<>|\/])/{'<' => 'E<lt>', '>' => 'E<gt>', '|' => 'E<verbar>', '\/' => 'E<sol>'}->{$1} \/\/ $1/ge;
    return $text;
}

sub argument {
    my ($option) = @_;
    my $name = "I<" . escaped($option->{placeholder}) . ">";
    return "" if $option->{presence} eq 'none';
    return "[=$name]" if $option->{presence} eq 'optional';
    return "=$name";
}

sub pod_of {
    my ($one) = @_;
    my @operands = map {
        my $word = escaped($_->{placeholder}) . ($_->{most} < 0 ? ' ...' : '');
        $_->{least} ? $word : "[$word]"
    } @{ $one->{operands} };
    my $pod = "=head1 NAME\n\n$one->{program} - " . escaped($one->{summary}) . "\n\n";
    $pod .= "=head1 SYNOPSIS\n\nB<$one->{program}> [options] @operands\n\n=head1 OPTIONS\n\n=over 8\n\n";
    for my $option (@{ $one->{options} }) {
        my @names;
        my $text = argument($option);
        my $bare = $text =~ s/^=/ /r;
        push @names, "B<-$option->{short}>" . ($option->{long} eq '' ? $bare : '') if $option->{short} ne '';
        push @names, "B<--$option->{long}>$text" if $option->{long} ne '';
        push @names, map { "B<--$_>$text" } split /,/, $option->{aliases};
        $pod .= "=item " . join(', ', @names) . "\n\n";
        $pod .= escaped($option->{help}) . "\n\n" if $option->{help} ne '';
        $pod .= "The default is $option->{default}.\n\n" if $option->{default} ne '';
    }
    $pod .= "=back\n\n=cut\n";
    return $pod;
}

my @option_fields = qw(short long aliases presence placeholder type values default least most environment flags heading help);
my $one;
my $depth = 0;
$| = 1;
while (my $line = <STDIN>) {
    chomp $line;
    my ($kind, @fields) = split /\t/, $line, -1;
    if ($kind eq 'I') {
        $one = { id => $fields[0], width => $fields[1], program => $fields[2], summary => $fields[4], options => [], operands => [] };
    } elsif ($kind eq 'C') {
        $depth = $fields[0];
    } elsif ($kind eq 'O' and $depth == 0) {
        my %option;
        @option{@option_fields} = @fields;
        push @{ $one->{options} }, \%option;
    } elsif ($kind eq 'A' and $depth == 0) {
        push @{ $one->{operands} }, { placeholder => $fields[0], least => $fields[1], most => $fields[2] };
    } elsif ($kind eq 'E') {
        my $pod = pod_of($one);
        open my $input, '<', \$pod or die $!;
        my $printed = '';
        open my $output, '>', \$printed or die $!;
        pod2usage(-input => $input, -output => $output, -verbose => 1, -exitval => 'NOEXIT');
        print "\x01$one->{id}\t\n$printed\x02\n";
    }
}
