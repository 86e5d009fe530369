import { countOf } from '../messages/wording.ts';

/** How a check did on help outputs of real programs. */
export interface MeasuredCheck {
  /** On how many of the outputs it found something. */
  readonly spoke: number;
  /** The programs that nobody had seen before and on which its errors and warnings were read, each counted once. */
  readonly read: {
    /** Worth acting on. */
    readonly worth: number;
    /** True, and nobody would act on it. */
    readonly idle: number;
    /** Not true. */
    readonly wrong: number;
  };
}

/** What was measured of the checks of a catalogue. */
export interface Measured {
  /** How many help outputs were audited. */
  readonly outputs: number;
  /** The checks by their names; one that is not there was not measured. */
  readonly checks: Readonly<Record<string, MeasuredCheck>>;
}

/** A sentence about what was measured of a check; undefined where nothing was. */
export function measuredSentence(name: string, { outputs, checks }: Measured): string | undefined {
  if (!Object.hasOwn(checks, name)) return undefined;
  const { spoke, read } = checks[name] ?? { spoke: 0, read: { worth: 0, idle: 0, wrong: 0 } };
  const all = read.worth + read.idle + read.wrong;
  const share = all === 0 ? '' : ` (${Math.round((read.worth / all) * 100)} %)`;
  const truth =
    all === 0
      ? 'none of its errors and warnings was read on programs not seen before'
      : `its errors and warnings were read on ${countOf(all, 'program')} not seen before: worth acting on in ${read.worth}${share}, not in ${read.idle}, false in ${read.wrong}`;
  return `Measured: it speaks on ${spoke} of ${outputs} help outputs of real programs; ${truth}.`;
}

/** The checks that speak most, with on how many outputs each does. */
export function mostSpeaking(measured: Measured, count: number): [name: string, spoke: number][] {
  return Object.entries(measured.checks)
    .map(([name, { spoke }]): [string, number] => [name, spoke])
    .sort(([, a], [, b]) => b - a)
    .slice(0, count);
}
