#!/usr/bin/env node
import { main } from './main.ts';
import { askAtTerminal, showProgress, stopSignal } from './terminal.ts';

// A reader that stops early (`dabbawala ... | head`) is no error of ours.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EPIPE') process.exit(0);
  throw error;
});

process.exitCode = await main(process.argv.slice(2), {
  stdin: process.stdin,
  write: (text) => process.stdout.write(text),
  writeError: (text) => process.stderr.write(text),
  columns: process.stdout.isTTY ? process.stdout.columns : undefined,
  colour: process.stdout.isTTY === true && !process.env.NO_COLOR && process.env.TERM !== 'dumb',
  showProgress: process.stderr.isTTY ? showProgress : undefined,
  ask: process.stdin.isTTY && process.stderr.isTTY ? askAtTerminal : undefined,
  stopSignal,
});
