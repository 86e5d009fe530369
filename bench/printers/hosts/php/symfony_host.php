<?php
// Symfony's console. See ../README.md.
require '/usr/share/php/Symfony/Component/Console/autoload.php';

use Symfony\Component\Console\Application;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\BufferedOutput;

const FIELDS = ['short', 'long', 'aliases', 'presence', 'placeholder', 'type', 'values', 'default', 'least', 'most', 'environment', 'flags',
    'heading', 'help'];

function listed(string $field): array
{
    return $field === '' ? [] : explode(',', $field);
}

function optionMode(array $option): int
{
    $flags = listed($option['flags']);
    if ($option['presence'] === 'none') {
        return in_array('negatable', $flags) ? InputOption::VALUE_NEGATABLE : InputOption::VALUE_NONE;
    }
    $mode = $option['presence'] === 'optional' ? InputOption::VALUE_OPTIONAL : InputOption::VALUE_REQUIRED;
    return in_array('repeated', $flags) ? $mode | InputOption::VALUE_IS_ARRAY : $mode;
}

function commandOf(array $declared): Command
{
    $command = new Command($declared['name']);
    $command->setDescription($declared['summary']);
    $command->setAliases(listed($declared['aliases']));
    $command->setHidden($declared['flags'] === 'hidden');
    foreach ($declared['options'] as $option) {
        $mode = optionMode($option);
        $hasDefault = $option['default'] !== '' && !($mode & InputOption::VALUE_IS_ARRAY);
        $command->addOption($option['long'], $option['short'] ?: null, $mode, $option['help'], $hasDefault ? $option['default'] : null);
    }
    foreach ($declared['operands'] as [$name, $least, $most, , $help]) {
        $mode = $least > 0 ? InputArgument::REQUIRED : InputArgument::OPTIONAL;
        $command->addArgument($name, $most < 0 ? $mode | InputArgument::IS_ARRAY : $mode, $help);
    }
    return $command;
}

function show(string $id, string $path, string $text): void
{
    echo "\x01$id\t$path\n$text\x02\n";
}

function printed(Application $application, array $words): string
{
    $output = new BufferedOutput();
    $application->run(new ArrayInput($words), $output);
    return $output->fetch();
}

$one = [];
$commands = [];
while (($line = fgets(STDIN)) !== false) {
    $fields = explode("\t", rtrim($line, "\n"));
    switch (array_shift($fields)) {
        case 'I':
            $one = array_combine(['id', 'width', 'program', 'version', 'summary', 'epilogue', 'only'], $fields);
            $commands = [];
            break;
        case 'C':
            $commands[] = ['options' => [], 'operands' => []]
                + array_combine(['depth', 'name', 'aliases', 'flags', 'heading', 'summary'], $fields);
            break;
        case 'O':
            $commands[count($commands) - 1]['options'][] = array_combine(FIELDS, $fields);
            break;
        case 'A':
            $commands[count($commands) - 1]['operands'][] = $fields;
            break;
        case 'E':
            putenv("COLUMNS={$one['width']}");
            $application = new Application($one['program'], $one['version']);
            $application->setAutoExit(false);
            $_SERVER['argv'] = [$one['program']];
            $_SERVER['PHP_SELF'] = $one['program'];
            if (count($commands) === 1) {
                $application->add(commandOf($commands[0]));
                $application->setDefaultCommand($commands[0]['name'], true);
                show($one['id'], '', printed($application, ['--help' => true]));
                break;
            }
            foreach ($commands[0]['options'] as $option) {
                $application->getDefinition()->addOption(
                    new InputOption($option['long'], $option['short'] ?: null, optionMode($option), $option['help']),
                );
            }
            foreach (array_slice($commands, 1) as $declared) {
                $application->add(commandOf($declared));
            }
            show($one['id'], '', printed($application, ['command' => 'list']));
            foreach (array_slice($commands, 1) as $declared) {
                show($one['id'], $declared['name'], printed($application, ['command' => 'help', 'command_name' => $declared['name']]));
            }
    }
}
