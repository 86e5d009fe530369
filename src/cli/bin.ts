#!/usr/bin/env node
import { UNUSABLE } from './exit-status.ts';
import { main } from './main.ts';
import { OutputStreams } from './output-streams.ts';
import { askAtTerminal, showProgress, stopSignal } from './terminal.ts';

const streams = new OutputStreams(process.stdout, process.stderr);

try {
  const status = await main(process.argv.slice(2), {
    stdin: process.stdin,
    write: (text) => streams.write(text),
    writeError: (text) => streams.writeError(text),
    columns: process.stdout.isTTY ? process.stdout.columns : undefined,
    colour: process.stdout.isTTY === true && !process.env.NO_COLOR && process.env.TERM !== 'dumb',
    showProgress: process.stderr.isTTY ? showProgress : undefined,
    ask: process.stdin.isTTY && process.stderr.isTTY ? askAtTerminal : undefined,
    stopSignal,
  });
  process.exitCode = await streams.finish(status);
} catch (error) {
  // A mistake of ours: the bundle and the stack would help nobody who calls the command.
  const reason = error instanceof Error ? `${error.name}: ${error.message}` : String(error);
  streams.reportMistake(reason);
  process.exitCode = UNUSABLE;
}
