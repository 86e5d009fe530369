package DabbawalaDeclarations;

# Ends a Perl program where it is about to parse its command line, and says what it declares to Getopt::Long or Getopt::Std: an interface
# document, in JSON, on the descriptor that DABBAWALA_DECLARATIONS names. Without that variable nothing happens. Loaded before the program
# by PERL5OPT; from a program of one's own: DabbawalaDeclarations::document('tiffin', 'quiet|q', 'sort=s').

use strict;
use warnings;

my $wanted = delete $ENV{DABBAWALA_DECLARATIONS};

if (defined $wanted) {
    require Getopt::Long;
    require Getopt::Std;
    no warnings 'redefine';
    *Getopt::Long::GetOptions = sub (@) { _end(_placed(_document_of_call(@_))) };
    *Getopt::Long::GetOptionsFromArray = sub (@) { _end(_placed(_document_of_call(@_[1 .. $#_]))) };
    *Getopt::Std::getopts = sub ($;$) { _end(_placed(_document_of_letters($_[0]))) };
}

# The document of options in the notation of Getopt::Long, for a program of a name.
sub document {
    my ($program, @specifications) = @_;
    return _document($program, map { [$_, undef] } @specifications);
}

sub _end {
    my ($document) = @_;
    require JSON::PP;
    # The key that makes it an interface document comes first.
    my $first = sub { ($JSON::PP::b eq 'dabbawala') <=> ($JSON::PP::a eq 'dabbawala') || $JSON::PP::a cmp $JSON::PP::b };
    my $text = JSON::PP->new->sort_by($first)->utf8->encode($document);
    if (open my $out, '>&=', $wanted) {
        binmode $out;
        syswrite $out, $text;
    }
    # At once: nothing that the program would do at its end is done.
    kill 'KILL', $$;
}

# A document whose options are declared where the program calls its parser.
sub _placed {
    my ($document) = @_;
    my ($package, $file, $line) = caller 1;
    $_->{'declared-at'} = "$file:$line" for @{ $document->{options} };
    return $document;
}

sub _program {
    my ($name) = $0 =~ m{([^/]+)\z};
    return $name;
}

# The words of a call: a hash for all values may stand first, and then a specification need not have a target of its own.
sub _document_of_call {
    my @words = @_;
    my $values = @words && ref $words[0] eq 'HASH' ? shift @words : undef;
    my @pairs;
    while (@words) {
        my $specification = shift @words;
        next if ref $specification || $specification eq '<>';
        my $target = @words && ref $words[0] ? shift @words : undef;
        my ($name) = $specification =~ /^([\w?-]+)/;
        $target = \$values->{$name} if !defined $target && defined $values && defined $name && exists $values->{$name};
        push @pairs, [$specification, $target];
    }
    return _document(_program(), @pairs);
}

sub _document {
    my ($program, @pairs) = @_;
    no warnings 'once';
    my $is_grouping = $Getopt::Long::bundling ? 1 : 0;
    my $is_posix = $Getopt::Long::order == $Getopt::Long::REQUIRE_ORDER;
    my %rules = (
        'option-abbreviations' => _truth($Getopt::Long::autoabbrev),
        'case-sensitive' => _truth(!$Getopt::Long::ignorecase),
        'grouping' => _truth($is_grouping),
        'operand-order' => $is_posix ? 'first-operand-ends-options' : 'mixed',
        'unknown-options' => $Getopt::Long::passthrough ? 'passed-on' : 'refused',
    );
    return {
        'dabbawala' => '1',
        'program' => $program,
        'read-from' => 'objects',
        'parser' => $is_grouping ? 'perl-getopt-long-bundling' : 'perl-getopt-long',
        'complete' => { 'options' => _truth(1) },
        'parsing' => \%rules,
        'options' => [map { _option($_->[0], $_->[1], $is_grouping) } @pairs],
    };
}

sub _truth {
    require JSON::PP;
    return $_[0] ? JSON::PP::true() : JSON::PP::false();
}

my %TYPES = (i => 'integer', o => 'integer', f => 'number');

sub _option {
    my ($specification, $target, $is_grouping) = @_;
    my ($names, $rest) = $specification =~ /^([\w?|-]+)(.*)$/ or return;
    my @names = map { length == 1 ? "-$_" : "--$_" } grep { length } split /\|/, $names;
    return unless @names;
    my %facts;
    my $is_list = $rest =~ /\@|\{/ || ref $target eq 'ARRAY';
    if ($rest eq '!') {
        $facts{negated} = [map { /^--(.*)/ ? ("--no-$1", "--no$1") : () } @names];
        delete $facts{negated} unless @{ $facts{negated} };
    }
    $facts{repetition} = 'counted' if $rest eq '+';
    if (my ($sign, $type) = $rest =~ /^([=:])([siof]|-?\d+|\+)/) {
        my %argument;
        $argument{type} = $TYPES{$type} if $TYPES{$type};
        $argument{type} = 'pairs' if $rest =~ /%/ || ref $target eq 'HASH';
        my $default = ref $target eq 'SCALAR' ? $$target : undef;
        $argument{default} = "$default" if defined $default && !ref $default && length $default;
        if (my ($least, $most) = $rest =~ /\{(\d+)(?:,(\d*))?\}/) {
            $argument{count} = !defined $most && $rest !~ /,/ ? $least : "$least.." . ($most // '');
        }
        $facts{argument} = \%argument if %argument;
        $facts{repetition} = $is_list ? 'all-count' : 'last-wins';
        my $word = $argument{type} && $argument{type} eq 'pairs' ? 'KEY=VALUE' : 'VALUE';
        @names = map { $sign eq ':' ? (/^--/ ? $_ . "[=$word]" : $_ . "[$word]") : (/^--/ && $word eq 'VALUE' ? "$_=$word" : "$_ $word") } @names;
    }
    my @sorted = sort { ($a =~ /^--/) <=> ($b =~ /^--/) } @names;
    return { option => join(', ', @sorted), %facts };
}

sub _document_of_letters {
    my ($letters) = @_;
    my @options;
    while ($letters =~ /(.)(:?)/g) { push @options, { option => "-$1" . ($2 ? ' VALUE' : '') } }
    return {
        'dabbawala' => '1',
        'program' => _program(),
        'read-from' => 'objects',
        'parser' => 'perl-getopt-std',
        'complete' => { 'options' => _truth(1) },
        'options' => \@options,
    };
}

1;
