import { firstIndex } from '../../collections/first-index.ts';
import { flatMapped } from '../../collections/flat-mapped.ts';
import type { ValueWord } from '../../model/argument.ts';
import type { Command } from '../../model/command.ts';
import type { Interface } from '../../model/interface.ts';
import type { Operand } from '../../model/operand.ts';
import type { Option } from '../../model/option.ts';
import { walkCommands } from '../../model/walk.ts';
import type { LineRole } from '../../source/help-annotation.ts';
import type { Place } from '../../source/source.ts';
import type { CleanedText } from './cleaned-text.ts';
import { isLeadingSentence } from './headings.ts';
import type { PartsReading } from './help-parts.ts';
import type { TextLine } from './text-line.ts';
import { unclaimedRole } from './unclaimed-lines.ts';

/** A line of a text with its one role. */
export interface LineWithRole {
  readonly line: TextLine;
  readonly role: LineRole;
  /** What was read there, such as `option --late`; empty where nothing was. */
  readonly reads: readonly string[];
}

/**
 * Gives every line of a text its role: that of what was taken from it, in the order of `ORDER` where that is more than one thing; else what its
 * looks and its section make of it. `lines` are those of the text as it stands, `readings` its parts as they were read.
 */
export function lineRoles(
  cli: Interface | undefined,
  lines: readonly TextLine[],
  readings: readonly PartsReading[],
  cleaned: CleanedText,
): LineWithRole[] {
  const claims = new Claims(lines.map((line) => cleaned.span(line.start, line.start).start));
  if (cli !== undefined) claimInterface(cli, claims);
  for (const { line, role } of cli === undefined ? [] : flatMapped(readings, ({ claimed }) => claimed)) {
    const start = line.start + line.first;
    claims.place(cleaned.span(start, start + 1), role);
  }
  for (const command of flatMapped(readings, ({ repeated }) => repeated)) claimListed(command, [], claims);
  const kinds = new Map<number, string>();
  for (const { headingLine, kind, lines: own } of flatMapped(readings, ({ sections }) => sections)) {
    // A sentence with a colon that nothing is listed below is running text: `For more, please see:`
    const isAbove = () => own.some(({ start }) => claims.has(cleaned.span(start, start).start));
    if (headingLine !== undefined && (!isLeadingSentence(headingLine) || isAbove()))
      claims.place(cleaned.span(headingLine.start, headingLine.start + 1), 'heading');
    for (const { start } of own) kinds.set(start, kind);
  }
  const last = lines.findLastIndex((line) => claims.at(line.index) !== undefined);
  const program = cli?.program.value;
  const roles: LineRole[] = [];
  return lines.map((line) => {
    const claim = line.blank ? undefined : claims.at(line.index);
    const around = { kind: kinds.get(line.start), isBehind: line.index > last, program };
    const role = claim?.role ?? unclaimedRole(line, lines, roles, around);
    roles.push(role);
    return { line, role, reads: [...(claim?.reads ?? [])] };
  });
}

/** How many lines that are not blank have a role, and how many are unread. */
export function countLines(lines: readonly LineWithRole[]): { read: number; unread: number } {
  const filled = lines.filter(({ role }) => role !== 'blank');
  const unread = filled.filter(({ role }) => role === 'unread').length;
  return { read: filled.length - unread, unread };
}

interface Claim {
  role: LineRole;
  readonly reads: Set<string>;
}

/** Which of two roles a line has: the first of these. */
const ORDER: readonly LineRole[] = ['synopsis', 'entry', 'entry-text', 'heading', 'title', 'epilogue'];

/** What the parts of an interface take of the lines of its source. */
class Claims {
  readonly #starts: readonly number[];
  readonly #claims = new Map<number, Claim>();

  /** `starts` are the offsets in the source at which the lines begin. */
  constructor(starts: readonly number[]) {
    this.#starts = starts;
  }

  at(index: number): Claim | undefined {
    return this.#claims.get(index);
  }

  /** Whether anything is taken of the line at an offset in the source. */
  has(offset: number): boolean {
    return this.#claims.has(this.#lineAt(offset));
  }

  /** All lines of a place have a role; what was read there is told at the first. */
  place(place: Place, role: LineRole, what?: string): void {
    if (place === null) return;
    const first = this.#lineAt(place.start);
    const last = this.#lineAt(Math.max(place.start, place.end - 1));
    for (let index = first; index <= last; index++)
      this.#line(index, role, index === first ? what : undefined);
  }

  #line(index: number, role: LineRole, what: string | undefined): void {
    const claim = this.#claims.get(index);
    const reads = claim?.reads ?? new Set<string>();
    if (what !== undefined) reads.add(what);
    const isFirst = claim === undefined || ORDER.indexOf(role) < ORDER.indexOf(claim.role);
    this.#claims.set(index, { role: isFirst ? role : claim.role, reads });
  }

  #lineAt(offset: number): number {
    return firstIndex(this.#starts, (start) => start <= offset) - 1;
  }
}

function claimInterface(cli: Interface, claims: Claims): void {
  claims.place(cli.version?.place ?? null, 'title', 'version');
  claims.place(cli.bugAddress?.place ?? null, 'epilogue', 'address for bugs');
  for (const { name, place, help } of cli.environment) {
    claims.place(place, 'entry', `variable ${name}`);
    claims.place(help?.place ?? null, 'entry-text');
  }
  for (const { from: first, to, place, help } of cli.exitStatuses) {
    claims.place(place, 'entry', `exit status ${first === to ? first : `${first} to ${to}`}`);
    claims.place(help?.place ?? null, 'entry-text');
  }
  for (const { command, path } of walkCommands(cli)) {
    if (command.described) claimDescribed(command, claims);
    for (const below of command.commands.items) claimListed(below, path.slice(1), claims);
  }
}

function claimDescribed(command: Command, claims: Claims): void {
  claims.place(command.description?.place ?? null, 'title', 'summary');
  for (const { place } of command.forms) claims.place(place, 'synopsis', 'synopsis');
  const { doubleHyphen } = command.rules;
  if (doubleHyphen?.basis === 'stated') claims.place(doubleHyphen.place, 'entry', 'end of options');
  for (const option of command.options.items) claimOption(option, claims);
  for (const operand of command.operands.items) claimOperand(operand, claims);
}

function claimOption(option: Option, claims: Claims): void {
  const { names, place, help, heading, argument } = option;
  claims.place(
    place,
    'entry',
    [`option ${names.map(({ text }) => text).join(', ')}`, ...factsOf(option)].join('; '),
  );
  claims.place(help?.place ?? null, 'entry-text');
  claims.place(heading?.place ?? null, 'heading');
  for (const word of argument?.value.words ?? []) claimValues(word, claims);
}

/** Values may be listed elsewhere, under the name of the placeholder. */
function claimValues({ values }: ValueWord, claims: Claims): void {
  for (const { place, help } of values?.value ?? []) {
    claims.place(place, 'entry-text');
    claims.place(help?.place ?? null, 'entry-text');
  }
}

/** What else was read of an option, in words. */
function factsOf({ argument, required, environment }: Option): string[] {
  const { presence = 'none', words = [] } = argument?.value ?? {};
  const shown = words.map(({ placeholder }) => placeholder?.value ?? 'a value').join(' ');
  return [
    ...(presence === 'none' ? [] : [`${presence === 'optional' ? 'may take' : 'takes'} ${shown}`]),
    ...wordFacts(words.at(-1)),
    ...(required?.value === true ? ['must be given'] : []),
    ...environment.map(({ value }) => `variable ${value}`),
  ];
}

/** What was read of a word, in words. */
function wordFacts(word: ValueWord | undefined): string[] {
  const facts: string[] = [];
  const values = word?.values?.value.map(({ value }) => value);
  if (values !== undefined) facts.push(`one of ${values.join(', ')}`);
  const { least, most } = word?.range?.value ?? {};
  if (least !== undefined || most !== undefined) facts.push(`${least ?? 'any'} to ${most ?? 'any'}`);
  if (word?.default !== undefined) facts.push(`default ${word.default.value}`);
  return facts;
}

function claimOperand({ name, place, help, word }: Operand, claims: Claims): void {
  claims.place(place, 'entry', [`operand ${name}`, ...wordFacts(word)].join('; '));
  claims.place(help?.place ?? null, 'entry-text');
  claimValues(word, claims);
}

function claimListed(
  { names, place, summary, heading, forms }: Command,
  above: readonly string[],
  claims: Claims,
): void {
  // A command that only leads to the one described stands in the synopsis.
  const [name, ...aliases] = names.map(({ text }) => text);
  const also = aliases.length === 0 ? '' : ` (${aliases.join(', ')})`;
  claims.place(place, 'entry', `command ${[...above, name].join(' ')}${also}`);
  // Other names may stand in a list of their own.
  for (const other of names.slice(1)) claims.place(other.place, 'entry');
  claims.place(summary?.place ?? null, 'entry-text');
  claims.place(heading?.place ?? null, 'heading');
  // The head of an entry may show the operands: `add <box>   add a box`.
  for (const form of forms)
    if (form.place?.start !== place?.start) claims.place(form.place, 'synopsis', 'synopsis');
}
