import type { AuditView } from '../audit-view.ts';
import type { TextEdit } from '../edits/text-edits.ts';
import type { Json, RelatedPlace } from '../findings/finding.ts';
import type { Level } from '../findings/level.ts';
import type { OptionLoop } from '../model/option-loop.ts';
import type { Place } from '../source/source.ts';
import { type Check, type CheckId, type CheckInfo, defineCheck } from './define-check.ts';

/** What is wrong with a loop of a script. */
export interface LoopFault<Data extends Json> {
  readonly data: Data;
  /** The option or operand, as it is typed; the program where it is about the loop. */
  readonly subject?: string;
  readonly place: Place;
  readonly related?: readonly RelatedPlace[];
  /** Where it is not the check's own. */
  readonly level?: Level;
  /** Edits of the script that surely fix it, made together. */
  readonly edits?: readonly TextEdit[];
  /** The check whose finding comes to light by them, as it is not told beside this one. */
  readonly reveals?: CheckId;
}

/** A check of the loops in which scripts read their options. */
export interface LoopCheckDefinition<Name extends CheckId, Data extends Json>
  extends Omit<CheckInfo<Name>, 'needs' | 'since'> {
  /** What is wrong with one loop; undefined where the check says nothing of such a loop. */
  readonly faults: (loop: OptionLoop, view: AuditView) => readonly LoopFault<Data>[] | undefined;
  readonly message: (data: Data) => string;
  readonly fix: (data: Data) => string;
}

/** Makes a check that looks at each loop of a script by itself. */
export function loopCheck<const Name extends CheckId, Data extends Json>(
  definition: LoopCheckDefinition<Name, Data>,
): Check<Name, Data> {
  const { faults, ...info } = definition;
  return defineCheck<Name, Data>({
    ...info,
    needs: ['a loop of a shell script that reads options'],
    since: 8,
    judge(view, report) {
      const program = view.interface.program.value;
      for (const loop of view.interface.optionLoops) {
        const found = faults(loop, view);
        if (found === undefined) continue;
        report.judged();
        for (const { subject = program, data, place, related, level, edits = [], reveals } of found)
          report.finding({
            command: [program, ...loop.command],
            subject,
            data,
            place,
            fixes:
              edits.length === 0
                ? []
                : [{ kind: 'edit', edits, ...(reveals === undefined ? {} : { reveals }) }],
            ...(related === undefined ? {} : { related }),
            ...(level === undefined ? {} : { level }),
          });
      }
    },
  });
}

/** The names of an option loop's script in a text of an example: a script around a loop over `getopts`. */
export function getoptsExample(string: string, arms: readonly string[], behind = ''): string {
  return `#!/bin/sh\nwhile getopts ${string} letter; do\n  case $letter in\n${arms.map((arm) => `    ${arm} ;;\n`).join('')}  esac\ndone\nshift $((OPTIND - 1))\n${behind}`;
}
