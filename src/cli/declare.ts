import type { Command } from 'commander';
import type { Io } from './io.ts';

/** Gives a command its description, operands, options and action; `done` takes the exit status. */
export type Declare = (command: Command, io: Io, done: (status: number) => void) => void;
