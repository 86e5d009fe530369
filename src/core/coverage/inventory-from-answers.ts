import type {
  CommandInventory,
  Inventory,
  OfferedArgument,
  OfferedOption,
  OfferedWord,
  Shell,
} from '../model/inventory.ts';
import type { Source } from '../source/source.ts';
import type { Question } from './questions.ts';

/** What a shell offered for one question. */
export interface Answer {
  /** The words that were offered, each with the description that the shell shows. */
  readonly words: readonly {
    /** The word as the shell offers it. */
    readonly text: string;
    /** The description that the shell shows with it; undefined where it shows none. */
    readonly description: string | undefined;
  }[];
  /** The status of a completion function; `none` where bash has no completion for the program. */
  readonly status?: string | undefined;
  /** What a function told `compopt`. */
  readonly told?: readonly string[];
}

/** The questions that a shell was asked, with its answers in the same order. */
export interface Interview {
  readonly shell: Shell;
  readonly program: string;
  readonly source: Source | undefined;
  /** The questions; answers may be fewer. */
  readonly asked: readonly Question[];
  readonly answers: readonly Answer[];
  /** The names of the files in the folder where it was asked. */
  readonly markers: readonly string[];
  readonly fault: string | undefined;
}

/** The inventory that the answers of a real shell come to. */
export function inventoryFromAnswers(interview: Interview): Inventory {
  const { shell, program, source, asked, answers, fault } = interview;
  const commands = new Map<string, Gathered>();
  for (const [i, question] of asked.entries()) {
    const answer = answers[i];
    if (answer === undefined) continue;
    const id = JSON.stringify(question.path);
    const gathered = commands.get(id) ?? {
      path: question.path,
      options: new Map(),
      operands: undefined,
      arguments: new Map(),
    };
    commands.set(id, gathered);
    const offered = offeredBy(question, answer, interview);
    if (question.option !== undefined)
      gathered.arguments.set(question.option, together(gathered.arguments.get(question.option), offered));
    else if (question.typed === '') {
      gathered.operands = { ...offered, words: offered.words.filter(({ text }) => !text.startsWith('-')) };
      addOptions(gathered.options, offered);
    } else addOptions(gathered.options, offered);
  }
  const hasNone =
    answers.length > 0 && answers.every(({ status, words }) => status === 'none' && words.length === 0);
  return {
    shell,
    program,
    observed: true,
    boundTo: [],
    source,
    commands: hasNone
      ? []
      : [...commands.values()].map(
          ({ path, options, operands, arguments: given }): CommandInventory => ({
            path,
            options: [...options.values()],
            operands: operands ?? { words: [], files: undefined, isFolders: false, isNothing: false },
            arguments: given,
            numbered: new Map(),
            heldApart: [],
            operandCount: undefined,
          }),
        ),
    unread: [],
    isPartial: answers.length < asked.length,
    fault,
  };
}

/** What is offered behind an option in either of its forms. */
function together(one: OfferedArgument | undefined, other: OfferedArgument): OfferedArgument {
  if (one === undefined) return other;
  const words = unique([...one.words, ...other.words]);
  // Files that stand in for want of anything else in one form are nothing beside the words of the other.
  const files = one.words.length > 0 && other.words.length > 0 ? one.files || other.files : false;
  return {
    words,
    files: words.length === 0 ? one.files || other.files : files,
    isFolders: false,
    isNothing: false,
  };
}

interface Gathered {
  readonly path: readonly string[];
  readonly options: Map<string, OfferedOption>;
  operands: OfferedArgument | undefined;
  readonly arguments: Map<string, OfferedArgument>;
}

function addOptions(options: Map<string, OfferedOption>, { words }: OfferedArgument): void {
  for (const word of words) {
    // A name that ends in a sign of equality wants its argument there.
    const text = word.text.replace(/=$/, '');
    if (!/^[-+]./.test(text) || text === '--' || options.has(text)) continue;
    options.set(text, { ...word, text, takesArgument: word.text.endsWith('=') ? true : undefined });
  }
}

function offeredBy(
  { typed, option }: Question,
  { words, told = [] }: Answer,
  { shell, markers }: Interview,
): OfferedArgument {
  const before = option !== undefined && typed.endsWith('=') ? typed : '';
  const texts = words.map(({ text, description }): OfferedWord => {
    const bare = text.trimEnd();
    // Where `--sort=` was typed, a shell may give back the value alone or with what was typed.
    return {
      text: bare.startsWith(before) ? bare.slice(before.length) : bare,
      description: descriptionOf(description, shell),
      place: null,
    };
  });
  const isMarker = ({ text }: OfferedWord) => markers.includes(text.replace(/\/$/, '').replace(/^\.\//, ''));
  // Shells such as fish also offer words that only contain what was typed.
  const begins = ({ text }: OfferedWord) => before !== '' || text.startsWith(typed);
  const real = unique(texts.filter((word) => word.text !== '' && !isMarker(word) && begins(word)));
  const files = texts.some(isMarker) || (real.length === 0 && told.includes('default'));
  return { words: real, files, isFolders: false, isNothing: false };
}

function descriptionOf(description: string | undefined, shell: Shell): string | undefined {
  if (description === undefined || shell !== 'zsh') return description;
  // What is shown is the word, two hyphens and the text; without them it is the word alone.
  const at = description.indexOf(' -- ');
  return at < 0 ? undefined : description.slice(at + 4).trim();
}

function unique(words: readonly OfferedWord[]): OfferedWord[] {
  return [...new Map(words.map((word) => [word.text, word])).values()];
}
