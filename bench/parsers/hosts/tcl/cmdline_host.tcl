# cmdline of tcllib: all names have one hyphen.
package require cmdline
set options {{all "all"} {brief "brief"} {output.arg "" "output"} {outline "outline"} {dry-run "dry"}}
if {[catch {array set found [cmdline::getoptions argv $options]} message]} {
    puts stderr $message
    exit 1
}
foreach name {all brief outline dry-run} {
    if {$found($name)} {puts "option $name"}
}
if {$found(output) ne ""} {puts "option output $found(output)"}
foreach one $argv {puts "operand $one"}
puts read
