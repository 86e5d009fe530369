import type { ProgramRun } from '../running/run-program.ts';

const END_REASONS: Record<ProgramRun['end'], string> = {
  exit: 'gave no help',
  time: 'took too long',
  output: 'printed too much',
  stopped: 'was stopped',
  'not-started': 'could not be run: ',
};

/** How much of what a program said is told, in characters. */
const SAID_LIMIT = 160;

/** Why no run of a command gave help, with what the program said, and the ways out where it ran and gave none. */
export function whyNoHelp(runs: readonly ProgramRun[], ways: readonly string[]): string {
  const failed = runs.find(({ end }) => end !== 'exit');
  if (failed !== undefined) return END_REASONS[failed.end] + (failed.failure ?? '');
  const said = runs
    .map(({ standardError, standardOutput }) => firstLine(standardError || standardOutput))
    .find((line) => line !== '');
  const status = runs[0]?.status;
  const ending = status === undefined || status === 0 ? '' : ` and ended with status ${status}`;
  return `gave no help of its own${ending}${said === undefined ? '' : `: it said '${said}'`}${ways.join('')}`;
}

function firstLine(text: string): string {
  return text.trim().split('\n', 1)[0]?.trim().slice(0, SAID_LIMIT) ?? '';
}
