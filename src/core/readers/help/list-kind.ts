import type { Section } from './headings.ts';
import type { UsageSummary } from './usage.ts';
import { findWordEntries, type WordEntry } from './word-entries.ts';

/** What the words of a list are; `none` where the lines of a section are no list of words. */
export type ListKind = 'commands' | 'operands' | 'environment' | 'exit' | 'none';

/** Headings over the name of what the text is about, and over other names. */
const HOLDS_NO_COMMANDS = /^(?:name|(?:command )?alias(?:es)?|description|version)$/i;

/**
 * What kind of list a section holds: what its heading announces; else operands, where the synopses show its words as such; else
 * commands, where a synopsis has a place for one.
 */
export function listKind(section: Section, usage: UsageSummary): ListKind {
  const { kind, heading, headingLine } = section;
  if (kind === 'commands' || kind === 'operands' || kind === 'environment' || kind === 'exit') return kind;
  if ((kind === 'other' || kind === 'options') && namesOperands(section, usage)) return 'operands';
  if (kind !== 'other') return 'none';
  const mayBeCommands =
    usage.commandPlace !== undefined &&
    !HOLDS_NO_COMMANDS.test(heading) &&
    (headingLine !== undefined || namesOwnPath(section, usage));
  return mayBeCommands ? 'commands' : 'none';
}

/** So many lines that begin with the words of the program are its commands. */
const MIN_OWN = 2;

/** Whether the lines of a list begin with the program and its path, and go on: `tiffin box list`, `tiffin box open <day>`. */
function namesOwnPath({ lines }: Section, usage: UsageSummary): boolean {
  const words = [usage.program?.value ?? '', ...usage.path];
  const own = `${words.join(' ')} `;
  const filled = lines.filter(({ blank }) => !blank);
  const first = filled.find(({ indent }) => indent > 0);
  const heads = filled.filter(({ indent }) => indent === first?.indent);
  return heads.length >= MIN_OWN && heads.every(({ text, first: at }) => text.startsWith(own, at));
}

/** Whether most words of a list are operands that the synopses show. */
function namesOperands({ lines }: Section, usage: UsageSummary): boolean {
  const shown = shownOperands(usage);
  if (shown.size === 0) return false;
  const entries = findWordEntries(lines);
  const known = entries.filter((entry) => shown.has(bareOperand(head(entry))));
  return known.length > 0 && known.length * 2 >= entries.length;
}

/** The operands that the synopses show, as `bareOperand` has them. */
export function shownOperands({ readings }: UsageSummary): ReadonlySet<string> {
  return new Set(readings.flatMap(({ form }) => form.operands.map(({ name }) => bareOperand(name))));
}

function head({ line, start, end }: WordEntry): string {
  return line.text.slice(start, end);
}

/** A placeholder without brackets, dots and case. */
export function bareOperand(placeholder: string): string {
  return placeholder.toLowerCase().replace(/[<>[\]]|(?:\.{2,3}|…)|[\s:]+$/g, '');
}
