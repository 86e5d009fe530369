import { COVERED_KINDS, type CommandCoverage, type ShellCoverage } from '../../coverage/coverage.ts';
import { fingerprint } from '../../findings/fingerprint.ts';
import type { Problem } from '../../source/problem.ts';
import type { Place } from '../../source/source.ts';
import { WRONG_WORDS } from '../coverage-text.ts';
import type { ReportItem, ReportItems, ReportRule } from './report-items.ts';

const RULES = {
  missing: {
    name: 'completion/missing',
    title: 'Not offered',
    why: 'Who completes does not find it.',
    level: 'note',
  },
  stale: {
    name: 'completion/stale',
    title: 'Offered, and not there',
    why: 'Who takes what completion offers is refused.',
    level: 'warning',
  },
  wrong: {
    name: 'completion/wrong-argument',
    title: 'Completed as what it is not',
    why: 'Completion offers nothing, or what the program refuses.',
    level: 'warning',
  },
} as const satisfies Record<string, Omit<ReportRule, 'outcome'>>;

/** What completion lacks, and what it offers wrongly, shell by shell. */
export function coverageItems(shells: readonly ShellCoverage[], problems: readonly Problem[]): ReportItems {
  const items = shells.flatMap(({ shell, inventory, commands }) =>
    commands.flatMap((command) => itemsOf(shell, inventory.program, command)),
  );
  return {
    title: [...new Set(shells.map(({ inventory }) => inventory.program))].join(', '),
    items,
    passedOver: [],
    rules: Object.values(RULES).map((rule): ReportRule => {
      const isMet = items.some((item) => item.rule === rule.name);
      return { ...rule, outcome: isMet ? 'items' : 'clean' };
    }),
    problems,
  };
}

function itemsOf(shell: string, program: string, { command, kinds }: CommandCoverage): ReportItem[] {
  const item = (rule: keyof typeof RULES, name: string, said: string, place: Place): ReportItem => ({
    rule: RULES[rule].name,
    level: RULES[rule].level,
    message: `${shell}: ${said}`,
    place,
    related: [],
    command: command.length === 0 ? [program] : command,
    fix: '',
    fingerprint: fingerprint(['completion', rule, shell, ...command, name]),
    edits: [],
  });
  return COVERED_KINDS.flatMap((kind) => {
    const { missing, stale, wrong } = kinds[kind];
    const of = (subject: string | undefined) => (subject === undefined ? '' : ` of '${subject}'`);
    return [
      ...missing.map(({ name, subject, thing }) =>
        item('missing', `${subject} ${name}`, `'${name}'${of(subject)} is not offered`, thing.place),
      ),
      ...stale.map(({ name, subject, word }) =>
        item(
          'stale',
          `${subject} ${name}`,
          `'${name}'${of(subject)} is offered, and is not there`,
          word.place,
        ),
      ),
      ...wrong.map(({ name, reason, word, thing }) =>
        item('wrong', name, `'${name}' ${WRONG_WORDS[reason]}`, word?.place ?? thing?.place ?? null),
      ),
    ];
  });
}
