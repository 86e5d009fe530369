// How much of the truth about one printed help a reading got right.
import { makeCommand, walkCommands } from 'dabbawala/model';
import { unwrapped } from './truths.mjs';

/**
 * What is scored: `names` of options; `links`, names put into one option; `arguments`, none, optional or mandatory; `values`; `defaults`; `ranges`;
 * `environment`; `required`; `texts` of options; `commands`, names in the list of a command; `aliases` of these; `summaries`; `operands`, with how
 * often each stands; `invented`, of all that was read, what was declared; `alarms`, of the errors and warnings of an audit, what the declaration
 * bears out; `imitated`, all of this where a text imitates the notation of a printer.
 */
export const KINDS = [
  'names',
  'links',
  'arguments',
  'values',
  'defaults',
  'ranges',
  'environment',
  'required',
  'texts',
  'commands',
  'aliases',
  'summaries',
  'operands',
  'invented',
  'alarms',
  'imitated',
];

/** What a default is called where there is none. */
const NO_DEFAULTS = new Set(['false', 'none', 'null', 'nil', '[]', '0', '', '""', "''", 'undefined']);

/** What is scored where a text was refused as no help. */
const NOTHING_READ = makeCommand({ names: [], place: null });

/** Scores a reading (undefined where there is none) against a truth: calls back with a kind, whether it is right, and a word on what it is about. `own` are names that the library adds. */
export function scoreHelp(truth, from, own, tell) {
  const command = from === undefined ? NOTHING_READ : describedCommand(from);
  scoreOptions(truth, command, own, tell);
  scoreCommands(truth, command, own, tell);
  scoreOperands(truth, command, own, tell);
}

/** The command that a text describes: the first on its path that has more than a name. */
export function describedCommand(from) {
  return [...walkCommands(from)].find(({ command }) => command.described)?.command ?? from.root;
}

function scoreOptions({ options, neutral }, command, own, tell) {
  const byName = new Map();
  for (const option of command.options.items)
    for (const { text } of [...option.names, ...option.negatedNames])
      if (!byName.has(text)) byName.set(text, option);
  for (const truth of options) {
    const say = (kind, isRight, about) => tell(truth.imitates ? 'imitated' : kind, isRight, about);
    const read = truth.names.map((name) => byName.get(name));
    for (const [i, name] of truth.names.entries()) say('names', read[i] !== undefined, name);
    const option = read.find((one) => one !== undefined);
    if (option === undefined) continue;
    if (truth.names.length > 1)
      say(
        'links',
        read.every((one) => one === option),
        truth.names.join(),
      );
    scoreOption(truth, option, say);
  }
  const declared = new Set(options.flatMap((truth) => truth.spellings));
  const allowed = new Set([...neutral.options, ...own.options]);
  // A library may show a long alias with one hyphen.
  const isDeclared = (name) =>
    declared.has(name) ||
    declared.has(name.replace(/^-(?=\w{2})/, '--')) ||
    declared.has(name.replace(/^--no([A-Z])/, (_, first) => `--${first.toLowerCase()}`));
  for (const name of byName.keys()) {
    if (isDeclared(name)) tell('invented', true, name);
    // Groups of options have their own help in some libraries.
    else if (!allowed.has(name) && !name.startsWith('--help-')) tell('invented', false, name);
  }
}

function scoreOption(truth, option, say) {
  const [name] = truth.names;
  const word = option.argument?.value.words.at(-1);
  const presence = option.argument?.value.presence;
  if (truth.presences !== undefined)
    say(
      'arguments',
      truth.presences.includes(presence),
      `${name}: ${presence}, not ${truth.presences.join(' or ')}`,
    );
  const values = word?.values?.value.map(({ value }) => value);
  if (truth.values !== undefined)
    say('values', sameSet(values ?? [], truth.values), `${name}: ${values}, not ${truth.values}`);
  else if (values !== undefined) say('invented', truth.hasValues, `${name}: ${values}`);
  const fallback = word?.default?.value;
  if (truth.default !== undefined)
    say('defaults', fallback === truth.default, `${name}: ${fallback}, not ${truth.default}`);
  else if (fallback !== undefined && !NO_DEFAULTS.has(fallback.toLowerCase()))
    say('invented', truth.hasDefault, `${name}: default ${fallback}`);
  if (truth.range !== undefined) {
    const { least, most } = word?.range?.value ?? {};
    say(
      'ranges',
      least === truth.range[0] && most === truth.range[1],
      `${name}: ${least} to ${most}, not ${truth.range}`,
    );
  }
  if (truth.environment !== undefined)
    say(
      'environment',
      option.environment.some(({ value }) => value === truth.environment),
      `${name}: ${truth.environment}`,
    );
  if (truth.required) say('required', option.required?.value === true, name);
  else if (option.required?.value === true) say('invented', truth.isRequired, `${name}: required`);
  if (truth.help !== undefined)
    say('texts', holds(option.help, truth.help), `${name}: ${option.help?.value}`);
}

/** Whether a text that was read has all of one that was declared; what the library adds to it may stand on either side. */
function holds(read, declared) {
  return read !== undefined && unwrapped(read.value).includes(unwrapped(declared));
}

function sameSet(some, others) {
  return some.length === others.length && others.every((one) => some.includes(one));
}

function scoreCommands({ aliases: ownAliases, commands, neutral }, command, own, tell) {
  for (const alias of ownAliases)
    tell(
      'aliases',
      command.names.some(({ text }) => text === alias),
      `this command: ${alias}`,
    );
  const byName = new Map();
  for (const below of command.commands.items) for (const { text } of below.names) byName.set(text, below);
  for (const { names, summary } of commands) {
    const [name, ...aliases] = names;
    const read = byName.get(name);
    tell('commands', read !== undefined, name);
    if (read === undefined) continue;
    for (const alias of aliases) tell('aliases', byName.get(alias) === read, `${name}: ${alias}`);
    if (summary !== undefined)
      tell('summaries', holds(read.summary, summary), `${name}: ${read.summary?.value}`);
  }
  const declared = new Set(commands.flatMap(({ all }) => all));
  const allowed = new Set([...neutral.commands, ...own.commands, 'help']);
  for (const name of byName.keys()) {
    if (declared.has(name)) tell('invented', true, name);
    else if (!allowed.has(name)) tell('invented', false, `command ${name}`);
  }
}

function scoreOperands({ operands, commands, neutral }, command, own, tell) {
  const read = new Map();
  const listed = [...command.forms.flatMap((form) => form.operands), ...command.operands.items];
  for (const operand of listed) if (!read.has(bare(operand.name))) read.set(bare(operand.name), operand);
  for (const truth of operands) {
    const operand = read.get(bare(truth.name));
    tell(
      truth.imitates ? 'imitated' : 'operands',
      operand !== undefined && countsAgree(truth, operand),
      `${truth.name}: ${told(operand)}`,
    );
  }
  const declared = new Set(operands.map(({ name }) => bare(name)));
  const isNeutral = (name) =>
    name.split(/[|,]/).every((part) => neutral.operands.some((one) => bare(one) === bare(part)));
  for (const [name, operand] of read) {
    if (declared.has(name)) tell('invented', true, name);
    else if (isNeutral(operand.name.replace(/[{}]/g, ''))) continue;
    // `[ARGS]` is the printer's word for all operands.
    else if (/^(?:args|arguments)$/i.test(name) && operands.length > 0) continue;
    // The word for a command in a synopsis is no operand of the command, and no invention either.
    else if (commands.length === 0 && !own.operands.has(name))
      tell('invented', false, `operand ${operand.name}`);
  }
}

function countsAgree({ least, isMany }, { count }) {
  if (count === undefined) return false;
  if (least !== undefined && count.value.least !== least) return false;
  return isMany === undefined || count.value.most === null;
}

function told(operand) {
  if (operand === undefined) return 'none';
  return operand.count === undefined
    ? 'any count'
    : `${operand.count.value.least} to ${operand.count.value.most}`;
}

/** A placeholder as it is compared: printers change its case and its joints. */
function bare(name) {
  return name.toLowerCase().replace(/[^a-z0-9]/g, '');
}

/** Words that a library's own help holds beside what is declared, as names that reading them invents nothing. */
export function ownNames(helps) {
  const words = helps.flatMap((text) => text.split(/[\s,|[\]<>(){}=]+/));
  return {
    options: new Set(words.filter((word) => /^--?\w/.test(word))),
    commands: new Set(words.filter((word) => /^[a-z]/.test(word)).map((word) => word.replace(/[:*]$/, ''))),
    operands: new Set(words.map(bare)),
  };
}
