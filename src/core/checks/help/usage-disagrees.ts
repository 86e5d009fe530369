import { optionsInReach } from '../../abbreviations/option-scope.ts';
import { quoteName } from '../../messages/wording.ts';
import type { Interface } from '../../model/interface.ts';
import type { CommandAt } from '../../model/walk.ts';
import { defineCheck } from '../define-check.ts';
import { argumentDifferences } from '../shown-arguments.ts';
import type { SynopsisFault } from '../synopsis-fault.ts';
import { operandFaults } from '../synopsis-operands.ts';
import { optionFaults } from '../synopsis-options.ts';
import { programFaults } from '../synopsis-programs.ts';

type Disagreement = Pick<SynopsisFault, 'name' | 'kind'>;

/** One finding for each option or operand on which usage line and lists disagree. */
export const usageDisagrees = defineCheck({
  name: 'help/usage-disagrees',
  level: 'warning',
  title: 'The usage line and the lists below it disagree',
  why: 'One of the two is out of date, and the reader cannot tell which. Following the wrong one gives an error.',
  standard: 'POSIX XBD 12.1',
  needs: ['the usage line', 'a complete list of options, or a list of operands'],
  since: 4,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\nusage: tiffin [--late] [--map] BOX\noptions:\n  --map: draw a map\noperands:\n  BOX: the box\n',
    right:
      'dabbawala: 1\nprogram: tiffin\ncomplete: true\nusage: tiffin [--map] BOX\noptions:\n  --map: draw a map\noperands:\n  BOX: the box\n',
    nearMiss: 'Usage: tiffin [--late] [--map] BOX\n\nCommon options:\n  --map  draw a map\n',
  },
  judge(view, report) {
    for (const at of view.described) {
      if (at.command.forms.length === 0) continue;
      report.judged();
      for (const { name, kind, place } of faults(at, view.interface)) {
        // `[X.Y][-][A.B]` is a pattern: what stands in it is no name that a list would have.
        const isPattern = kind === 'unlisted-operand' && !/^[\p{L}\d][\p{L}\d_-]*$/u.test(name);
        if (isPattern && view.isHelp(place)) continue;
        const isNote = view.isHelp(place) && NOTED_IN_HELP.has(kind);
        report.finding({
          command: at.path,
          subject: name,
          data: { name, kind },
          place,
          ...(isNote ? { level: 'note' } : {}),
        });
      }
    }
  },
  message: ({ name, kind }: Disagreement) => MESSAGES[kind](quoteName(name)),
  fix: ({ name, kind }) =>
    kind === 'program' || kind === 'other-program' || kind === 'misspelt' || kind === 'help-elsewhere'
      ? 'call the program by one name in the usage lines, the examples and the texts'
      : `correct the usage line or the list, whichever is wrong about ${quoteName(name)}`,
});

const MESSAGES: { readonly [K in Disagreement['kind']]: (name: string) => string } = {
  'unlisted-option': (name) => `the usage line shows the option ${name}, which is in no list`,
  'unshown-option': (name) => `the option ${name} is listed, and the usage line shows all others but it`,
  'none-shown': (name) => `options are listed, ${name} first, and the usage line has no place for any`,
  'form-twice': (name) => `the usage shows ${name} twice`,
  repeated: (name) => `the usage line shows ${name} twice in the same words`,
  'shown-twice': (name) => `the usage line shows ${name} twice`,
  'argument-unshown': (name) => `the usage line shows ${name} without the argument that the list gives it`,
  'argument-unlisted': (name) => `the usage line shows an argument of ${name}, and the list none`,
  placeholder: (name) => `the usage line and the list have different words for the argument of ${name}`,
  count: (name) => `the usage line and the list disagree on how many words ${name} stands for`,
  values: (name) => `the usage line and the list have different values for ${name}`,
  program: (name) => `the usage line calls the program ${name}, and the examples do not`,
  'other-program': (name) => `one usage line calls the program ${name}, and the others do not`,
  misspelt: (name) => `the help calls the program ${name}, and the usage line does not`,
  'help-elsewhere': (name) => `the text sends to ${name} for help, which is not the name of the program`,
  mandatory: (name) => `the usage line shows ${name} as something that must be given, and it may be left out`,
  optional: (name) => `the usage line shows ${name} in brackets, and it must be given`,
  'unlisted-operand': (name) => `the usage line shows the operand ${name}, which the list of operands lacks`,
  'unshown-operand': (name) => `the operand ${name} is listed, and no usage line shows it`,
  'unshown-command': (name) => `the command ${name} is listed, and the braces of the usage line lack it`,
  order: (name) =>
    `the usage line shows the operand ${name} before others that the list, or another usage line, has before it`,
};

/** What help shows on purpose as often as by mistake. */
const NOTED_IN_HELP: ReadonlySet<Disagreement['kind']> = new Set([
  'unshown-option',
  'none-shown',
  'form-twice',
  'shown-twice',
  'unlisted-operand',
  'unshown-operand',
  'count',
  'argument-unshown',
  'argument-unlisted',
  'placeholder',
  'mandatory',
  'order',
  'unshown-command',
  'program',
  'other-program',
  'misspelt',
  'help-elsewhere',
]);

function faults(at: CommandAt, cli: Interface): SynopsisFault[] {
  const { command } = at;
  const byName = new Map(
    optionsInReach(at).flatMap((option) =>
      [...option.names, ...option.negatedNames].map(({ text }) => [text, option] as const),
    ),
  );
  return distinct([
    ...optionFaults(command, byName).filter(({ kind }) => kind !== 'none-shown' || !showsNoOptions(cli)),
    ...argumentDifferences(command, byName),
    ...operandFaults(command),
    ...programFaults(at, cli),
  ]);
}

/** Whether the help is of a library that shows no place for options by itself. */
function showsNoOptions({ parser }: Interface): boolean {
  return parser?.value.some((name) => SHOW_NO_OPTIONS.has(name)) ?? false;
}

const SHOW_NO_OPTIONS: ReadonlySet<string> = new Set(['yargs', 'cac', 'oclif']);

function distinct(found: readonly SynopsisFault[]): SynopsisFault[] {
  return found.filter(
    ({ name, kind }, i) => found.findIndex((one) => one.name === name && one.kind === kind) === i,
  );
}
