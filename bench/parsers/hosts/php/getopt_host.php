<?php
require __DIR__ . '/probe.php';

$found = getopt('abno:c::', ['all', 'brief', 'output:', 'outline', 'color::', 'dry-run'], $rest);
$given = fn (string ...$names) => array_intersect($names, array_keys($found)) !== [];
show(
    ['all' => $given('a', 'all'), 'brief' => $given('b', 'brief'), 'outline' => $given('outline'), 'dry-run' => $given('n', 'dry-run')],
    ['output' => $found['output'] ?? $found['o'] ?? null, 'color' => array_map(fn ($one) => $one ?: '', (array) ($found['color'] ?? $found['c'] ?? []))],
    array_slice($argv, $rest),
);
