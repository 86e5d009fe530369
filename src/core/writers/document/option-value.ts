import { makeValueWord, NO_ARGUMENT, type OptionArgument } from '../../model/argument.ts';
import type { Basis, Fact, Knowable } from '../../model/fact.ts';
import type { Option, OptionName } from '../../model/option.ts';
import { saysTheSame } from '../../model/same.ts';
import { nameFormOf } from '../../notation/option-name.ts';
import { type Notation, notationsOf } from '../../notation/option-notation.ts';
import { acceptedValue } from './accepted-value.ts';
import { collectionValue, itemValue } from './collection-value.ts';
import type { DocumentValue } from './document-value.ts';
import { factItem, RecordValue } from './record-value.ts';
import { canComplete, countValue, setDeprecated, setWord } from './word-value.ts';

/**
 * The options of a command: in groups by heading where each notation stands once, else as a list. `flags` is how the document
 * says that an option drawn without an argument takes none.
 */
export function optionsValue(options: readonly Option[], flags: Basis): DocumentValue | undefined {
  if (options.length === 0) return undefined;
  const written = options.map((option) => {
    const notation = notationFor(option);
    return { option, notation };
  });
  const texts = written.map(({ notation }) => notation?.text);
  const isUnique = !texts.includes(undefined) && new Set(texts).size === texts.length;
  if (!isUnique) {
    return written.map(({ option, notation }) => {
      const record = optionRecord(option, notation, flags);
      record.text('heading', option.heading);
      return itemValue(notation?.text, record.short('help'), 'option', 'help');
    });
  }
  const all = new Map<string, DocumentValue>();
  const groups = new Map<string, Map<string, DocumentValue>>();
  let open: string | undefined;
  for (const { option, notation } of written) {
    const { heading } = option;
    const record = optionRecord(option, notation, flags);
    const canGroup =
      heading?.basis === 'stated' &&
      !/^[-+]/.test(heading.value) &&
      (heading.value === open || !groups.has(heading.value));
    if (canGroup && !groups.has(heading.value)) {
      const group = new Map<string, DocumentValue>();
      groups.set(heading.value, group);
      all.set(heading.value, group);
    }
    const target = (canGroup ? groups.get(heading.value) : undefined) ?? all;
    if (target === all) record.text('heading', heading);
    open = canGroup ? heading.value : undefined;
    target.set(notation?.text ?? '', record.short('help'));
  }
  return all;
}

/** The most telling notation that a record can complete to all that is known of the option. */
function notationFor(option: Option): Notation | undefined {
  const { argument } = option;
  for (const notation of notationsOf(option)) {
    if (argument === undefined || canDraw(argument.value, notation.drawn.argument)) return notation;
  }
  return undefined;
}

/** Whether a record can turn a drawn argument into the one that is known. */
function canDraw(argument: OptionArgument, drawn: OptionArgument): boolean {
  if (argument.presence === 'none' || drawn.presence === 'none') return true;
  if (drawn.count !== undefined && argument.count === undefined) return false;
  return (
    argument.words.length === drawn.words.length &&
    argument.words.every((word, i) => canComplete(drawn.words[i] ?? makeValueWord(), word))
  );
}

function optionRecord(option: Option, notation: Notation | undefined, flags: Basis): RecordValue {
  const record = new RecordValue();
  record.text('help', option.help);
  if (option.listed && option.help === undefined) record.set('help', null);
  if (option.listed !== record.has('help')) record.set('listed', option.listed);
  setArgument(record, option.argument, notation?.drawn.argument, flags);
  record.set('names', namesValue(option, notation));
  const drawnNegated = new Set(notation?.drawn.negatedNames.map(({ text }) => text));
  const negated = option.negatedNames.filter(({ text }) => !drawnNegated.has(text)).map(({ text }) => text);
  if (negated.length > 0) record.set('negated', negated);
  setFacts(record, 'refused', option.refusedNames);
  setFacts(record, 'hidden-names', option.hiddenNames);
  record.fact('required', option.required, (value) => value);
  record.fact('key', option.key, (value) => value);
  record.fact('declared-at', option.declaredAt, (value) => value);
  record.fact('repetition', option.repetition, (value) => value);
  record.fact('inheritance', option.inheritance, (value) => value);
  record.fact('applies-to-next-operand', option.appliesToNextOperand, (value) => value);
  record.fact('same-as', option.sameAs, ({ option: other, value }) =>
    value === undefined ? other : `${other}=${value}`,
  );
  setFacts(record, 'environment', option.environment);
  record.fact('hidden', option.hidden, (value) => value);
  setDeprecated(record, option.deprecated);
  record.set('accepted', acceptedValue(option.accepted));
  return record;
}

function setFacts(record: RecordValue, key: string, facts: readonly Fact<string>[]): void {
  if (facts.length > 0)
    record.set(
      key,
      facts.map((fact) => factItem(fact, (name) => name)),
    );
}

function setArgument(
  record: RecordValue,
  argument: Knowable<OptionArgument>,
  drawn: OptionArgument | undefined,
  flags: Basis,
): void {
  if (argument === undefined) {
    if (drawn !== undefined) record.set('argument', 'unknown');
    return;
  }
  if (saysTheSame(argument.value, drawn)) {
    const implied = argument.value.presence === 'none' ? flags : 'stated';
    if (argument.basis === implied) return;
    if (argument.basis === 'stated') record.set('argument', 'none');
    else record.mark('argument', argument.basis);
    return;
  }
  record.set('argument', argumentValue(argument.value, drawn));
  record.mark('argument', argument.basis);
}

/** `none`, or a mapping with what the notation does not say. */
function argumentValue(argument: OptionArgument, drawn: OptionArgument | undefined): DocumentValue {
  if (saysTheSame(argument, NO_ARGUMENT)) return 'none';
  const record = new RecordValue();
  const implied = drawn === undefined || drawn.presence === 'none' ? 'mandatory' : drawn.presence;
  if (argument.presence !== implied) record.set('presence', argument.presence);
  if (!saysTheSame(argument.count, drawn?.count)) record.fact('count', argument.count, countValue);
  const before = drawn?.words ?? [];
  const [word] = argument.words;
  if (argument.words.length === 1 && word !== undefined && before.length <= 1) {
    setWord(record, word, before[0] ?? makeValueWord());
  } else {
    record.set(
      'words',
      argument.words.map((one, i) => {
        const own = new RecordValue();
        setWord(own, one, before[i] ?? makeValueWord());
        return own.map;
      }),
    );
  }
  return record.map;
}

/** The names that the notation does not show as they are. */
function namesValue(option: Option, notation: Notation | undefined): DocumentValue | undefined {
  const things = option.names.flatMap((name, i) => {
    const drawn = notation?.drawn.names[i];
    if (drawn !== undefined && saysTheSame(drawn, name)) return [];
    const record = new RecordValue();
    if (drawn === undefined ? name.argument !== undefined : !saysTheSame(drawn.argument, name.argument)) {
      setOwnArgument(record, name);
    }
    if (name.form !== (drawn?.form ?? nameFormOf(name.text))) record.set('form', name.form);
    return [{ name: name.text, value: record.short('form') }];
  });
  if (things.length > 0 && things.every(({ value }) => value === null)) return things.map(({ name }) => name);
  return collectionValue(things, 'name', 'form');
}

function setOwnArgument(record: RecordValue, { argument }: OptionName): void {
  if (argument === undefined) {
    record.set('argument', 'same');
    return;
  }
  record.set('argument', argumentValue(argument.value, undefined));
  record.mark('argument', argument.basis);
}
