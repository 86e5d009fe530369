<?php
// How every host in PHP prints what its parser read.

const NAMES = ['start', 'status', 'stop', 'route:plan'];

function show(array $flags, array $values, array $operands, ?string $command = null): void
{
    if ($command !== null) {
        echo "command $command\n";
    }
    foreach ($flags as $name => $given) {
        echo $given ? "option $name\n" : '';
    }
    foreach ($values as $name => $value) {
        foreach ((array) $value as $one) {
            echo rtrim("option $name $one"), "\n";
        }
    }
    foreach ($operands as $one) {
        echo "operand $one\n";
    }
    echo "read\n";
}
