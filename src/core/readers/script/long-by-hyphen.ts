import { stated } from '../../model/fact.ts';
import type { Option } from '../../model/option.ts';
import type { HandledName } from '../../model/option-loop.ts';
import type { ParsingRules } from '../../model/parsing-rules.ts';
import type { Branch } from './choices.ts';
import type { NamedArm } from './loop-draft.ts';
import { type LoopAt, optionsOfLoop } from './loop-options.ts';
import type { ScriptReading } from './script-reading.ts';

/** Long names that a loop over `getopts` takes by declaring the hyphen as a letter with an argument: `--all` is `-` with `all`. */
export interface LongByHyphen {
  readonly options: readonly Option[];
  readonly isComplete: boolean;
  readonly rules: Partial<ParsingRules>;
}

/** Reads the `case` on the argument of the hyphen: `all`, `output=*`, and `output` whose argument is the word at `OPTIND`. */
export function longNamesByHyphen(
  branches: readonly Branch[],
  at: LoopAt,
  reading: ScriptReading,
): LongByHyphen {
  const hyphen = branches.find(({ patterns }) =>
    patterns.some(({ words }) => words?.some(({ text }) => text === '-')),
  );
  const choices = hyphen === undefined ? [] : reading.choices(at.scope).on(['OPTARG'], hyphen.body);
  const named = choices.flatMap((choice) => choice.branches.map((branch) => longArm(branch, reading)));
  const all = named.filter(({ names }) => names.length > 0);
  const options = optionsOfLoop(all, undefined, { ...at, subject: 'OPTARG' }, reading);
  const place = reading.script.place(hyphen?.node ?? at.node);
  const hasSeparate = all.some(({ arm }) => arm.readsArgument);
  return {
    options,
    isComplete:
      choices.length > 0 &&
      choices.every((one) => one.branches.every(({ patterns }) => patterns.every(({ words }) => words))),
    rules: {
      optionPrefixes: stated(['-', '--'], place),
      valueForms: stated(
        {
          shortJoined: true,
          shortEquals: false,
          shortSeparate: true,
          longEquals: true,
          longSeparate: hasSeparate,
        },
        place,
      ),
    },
  };
}

function longArm(branch: Branch, reading: ScriptReading): NamedArm {
  const words = branch.patterns.flatMap(({ words: all, word }) =>
    (all ?? []).map((one) => ({ ...one, word })),
  );
  const names: HandledName[] = [];
  let takesOne = false;
  for (const { text, goesOn, word } of words) {
    const name = text.replace(/=$/, '');
    if (!/^[\w][\w.-]*$/.test(name) || (goesOn && !text.endsWith('='))) continue;
    takesOne ||= text.endsWith('=');
    if (!names.some((one) => one.name === `--${name}`))
      names.push({ name: `--${name}`, place: reading.script.place(word) });
  }
  const arm = { ...reading.arms.arm(branch, NEXT_WORD), names };
  const presence = takesOne || arm.readsArgument ? 'mandatory' : 'none';
  return { names, branch, arm, presence, words: undefined, argument: ARGUMENT };
}

/** The argument in the next word is at OPTIND, which is then moved on; in the same word it is behind the equals sign. */
const NEXT_WORD: ReadonlySet<string> = new Set(['OPTIND', '1']);
const ARGUMENT: ReadonlySet<string> = new Set(['OPTARG', ...NEXT_WORD]);
