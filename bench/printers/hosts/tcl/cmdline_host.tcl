# Tcllib's cmdline. See ../README.md.
package require cmdline

fconfigure stdin -encoding utf-8
fconfigure stdout -encoding utf-8

proc optionSpec {fields} {
    lassign $fields short long aliases presence placeholder type values default
    set help [lindex $fields 13]
    set name [expr {$long eq "" ? $short : $long}]
    if {$presence eq "none"} {
        return [list $name $help]
    }
    return [list $name.arg $default $help]
}

set depth 0
while {[gets stdin line] >= 0} {
    set fields [split $line "\t"]
    set kind [lindex $fields 0]
    set fields [lrange $fields 1 end]
    switch $kind {
        I {
            lassign $fields id width program version summary epilogue
            set options {}
            set operands {}
        }
        C { set depth [lindex $fields 0] }
        O { if {$depth == 0} { lappend options [optionSpec $fields] } }
        A {
            if {$depth == 0} {
                lassign $fields name least most
                if {$most < 0} { append name "..." }
                lappend operands [expr {$least > 0 ? $name : "?$name?"}]
            }
        }
        E {
            set ::argv0 $program
            set usage [string trim "\[options\] $operands"]
            puts "\x01$id\t\n[cmdline::usage $options $usage]\x02"
        }
    }
}
