<?php
require 'Symfony/Component/Console/autoload.php';
require __DIR__ . '/probe.php';

use Symfony\Component\Console\Application;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

$asksCommands = getenv('PROBE') === 'commands';
$application = new Application('probe', '1.0');
$names = $asksCommands ? NAMES : ['read'];
foreach ($names as $name) {
    $command = new Command($name);
    if ($name === 'start') {
        $command->setAliases(['begin']);
    }
    $command->addOption('all', 'a', InputOption::VALUE_NONE);
    if (!$asksCommands) {
        $command->addOption('brief', 'b', InputOption::VALUE_NONE);
        $command->addOption('output', 'o', InputOption::VALUE_REQUIRED);
        $command->addOption('outline', null, InputOption::VALUE_NONE);
        $command->addOption('color', 'c', InputOption::VALUE_OPTIONAL, '', false);
        $command->addOption('dry-run', 'd', InputOption::VALUE_NONE);
    }
    $command->addArgument('file', InputArgument::IS_ARRAY | InputArgument::OPTIONAL);
    $command->setCode(function (InputInterface $input, OutputInterface $output) use ($name, $asksCommands): int {
        $flags = ['all' => $input->getOption('all')];
        $values = [];
        if ($asksCommands) {
            $flags['brief'] = $input->getOption('brief');
        } else {
            foreach (['brief', 'outline', 'dry-run'] as $flag) {
                $flags[$flag] = $input->getOption($flag);
            }
            $color = $input->getOption('color');
            $values = ['output' => $input->getOption('output'), 'color' => $color === false ? null : [$color]];
        }
        show($flags, $values, $input->getArgument('file'), $asksCommands ? $name : null);
        return 0;
    });
    $application->add($command);
}
if ($asksCommands) {
    $application->getDefinition()->addOption(new InputOption('brief', 'b', InputOption::VALUE_NONE));
} else {
    $application->setDefaultCommand('read', true);
}
$application->run();
