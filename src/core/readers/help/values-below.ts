import type { ListedValue } from '../../notation/listed-values.ts';
import { matches } from '../../source/matches.ts';
import type { TextFlow } from './text-flow.ts';

/** A value with its text, on a line of its own: `- json: as JSON`, `* json   as JSON`. */
const BULLET = /^[-*•] ["'`]?([\w.+-]{1,60}?)["'`]?(?:(?:\s*:\s|\s{2,}| [-–]\s).*|:)?$/s;
/** `json   as JSON`, `json: as JSON`, `json - as JSON`, `'json'  as JSON` */
const IN_COLUMNS = /^["'`]?([\w.+-]{1,60}?)["'`]?(?:\s{2,}|:\s+| [-–] |\t)\S/s;
/** `json   as JSON`, `yaml | yml   as YAML`: with spellings of one value, in a list that is the whole text. */
const SPELLINGS_IN_COLUMNS = /^([\w.+-]{1,60}(?: ?\| ?[\w.+-]{1,60}){0,3})(?:\s{2,}|\t)\S/s;
/** `json   as JSON`, deeper than the text above it: nothing need announce these. */
const IN_DEEPER_COLUMNS = /^[a-z][\w.+-]{0,40}\s{2,}[A-Za-z]/;
/** `json (as JSON; default)` */
const IN_REMARK = /^["'`]?([\w.+-]{1,60}?)["'`]?\s+\(\S/s;
/** `[json]  as JSON`, for which nothing need stand above; the widest fills its column. */
const IN_BRACKETS = /^\[([\w.+:-]{1,60})\](?: \(default\))?\s{2,}\S/s;
const IN_FILLED_BRACKETS = /^\[([\w.+:-]{1,60})\](?: \(default\))?\s\S/s;
/** `json`, `yaml (default)`, and a stop behind the last: nothing but the value. */
const ALONE = /^["'`]?([\w.+-]{1,60}?)["'`]?(?: \((?:the )?default\))?(?: ?\.)?$/s;
/** `pax, posix`, `yaml|yml`: spellings of one value and nothing else, in a list of values alone. */
const SPELLINGS_ALONE = /^([\w.+-]{1,60}(?:(?:, ?| ?\| ?)[\w.+-]{1,60}){1,3})$/;
/** `$ boxcount --form=table`: a call, as people copy it from a terminal. */
const PROMPT = /^[$%] \w/;
/** A line of a table of many columns, which shows no values: `text    data     bss     dec` */
const MANY_COLUMNS = /^\S+(?: {2,}\S+){3}/;
const LIKE_AN_ENTRY = /^\S{1,30} \S{1,30}(?::\s+| {2,}|\t)\S/;
/** How else a line of a list may look, that begins with one of the others. */
const FURTHER: ReadonlyMap<RegExp, RegExp> = new Map([
  [IN_BRACKETS, IN_FILLED_BRACKETS],
  [ALONE, SPELLINGS_ALONE],
]);
/** What stands above such a list. */
const ANNOUNCEMENT =
  /\b(?:values|choices|one of|options|formats?|modes?|types?|levels?|following)\b[^.]{0,40}:$|:$/i;

/** So many values with texts of their own need nothing that announces them, where they are the whole text of an entry. */
const MIN_WHOLE = 3;

/** The values of a text that is nothing but their list: each at the indentation of the first, or more of its text below it. */
function wholeList(flow: TextFlow): readonly ListedValue[] | undefined {
  const { starts, text } = flow;
  const values: ListedValue[] = [];
  let lines = 0;
  for (const [i, start] of starts.entries()) {
    const isDeeper = i > 0 && flow.indentAt(i) > flow.indentAt(0);
    const listed = isDeeper ? undefined : SPELLINGS_IN_COLUMNS.exec(text.slice(start, starts[i + 1]))?.[1];
    if (listed === undefined && !isDeeper) return undefined;
    if (listed !== undefined) lines++;
    for (const match of matches(listed ?? '', /[\w.+-]+/g)) {
      const at = start + match.index;
      values.push({ value: match[0], start: at, end: at + match[0].length });
    }
  }
  return lines >= MIN_WHOLE ? values : undefined;
}

/** `late`, a word alone. */
const WORD = /^[a-z][\w.+-]{0,40}$/;

/** The words that the last lines of a text are, one each and deeper than what stands above them; so many of them need no announcement. */
export function wordsBelow(flow: TextFlow): readonly ListedValue[] | undefined {
  const { starts, text } = flow;
  const indent = flow.indentAt(starts.length - 1);
  const values: ListedValue[] = [];
  for (let i = starts.length - 1; i >= 0; i--) {
    const start = starts[i] ?? 0;
    const value = text.slice(start, starts[i + 1]).trimEnd();
    if (flow.indentAt(i) !== indent)
      return flow.indentAt(i) < indent && values.length >= MIN_WHOLE ? values : undefined;
    if (!WORD.test(value)) return undefined;
    values.unshift({ value, start, end: start + value.length });
  }
  return undefined;
}

/** `late: as late as can be` */
const LABELLED = /^([a-z][\w.+-]{1,40}): +\S/;
/** Words that say something of the option, and are no values. */
const REMARK = /^(?:default|example|note|see|warning|caution|hint|environment|env|type|e\.g)s?$/;

/** The values that the last lines of a text are, at its indentation, each with a colon and what it means; so many of them need no announcement. */
function labelledTail(flow: TextFlow): readonly ListedValue[] | undefined {
  const { starts, text } = flow;
  const values: ListedValue[] = [];
  for (let i = starts.length - 1; i > 0; i--) {
    const start = starts[i] ?? 0;
    const value = LABELLED.exec(text.slice(start, starts[i + 1]))?.[1];
    if (value === undefined || REMARK.test(value)) break;
    values.unshift({ value, start, end: start + value.length });
  }
  return values.length >= MIN_WHOLE ? values : undefined;
}

/**
 * A list of values inside the text of an entry, each on a line of its own, below a line that ends in a colon, or as the whole text; undefined
 * where there is none.
 */
export function valuesBelow(flow: TextFlow): readonly ListedValue[] | undefined {
  const { starts, text } = flow;
  if (starts.length < 3) return undefined;
  const asList = wholeList(flow) ?? labelledTail(flow) ?? wordsBelow(flow);
  if (asList !== undefined) return asList;
  const lineAt = (i: number) => text.slice(starts[i], starts[i + 1]).trimEnd();
  for (let i = 0; i + 2 < starts.length; i++) {
    const first = lineAt(i + 1);
    const isDeeper = flow.indentAt(i + 1) > flow.indentAt(i) && IN_DEEPER_COLUMNS.test(first);
    // What stands below a call is what it prints.
    if (PROMPT.test(lineAt(i))) break;
    if (MANY_COLUMNS.test(first)) continue;
    if (!ANNOUNCEMENT.test(lineAt(i)) && !IN_BRACKETS.test(first) && !isDeeper) continue;
    const begins = [BULLET, IN_BRACKETS, IN_COLUMNS, ALONE, SPELLINGS_ALONE].find((one) => one.test(first));
    const pattern = begins === SPELLINGS_ALONE ? ALONE : (begins ?? IN_REMARK);
    const indent = flow.indentAt(i + 1);
    const values: ListedValue[] = [];
    for (let at = i + 1; at < starts.length; at++) {
      const match = pattern.exec(lineAt(at)) ?? FURTHER.get(pattern)?.exec(lineAt(at)) ?? null;
      const goesOn = pattern === BULLET || flow.indentAt(at) > indent;
      if (match === null && (values.length === 0 || !goesOn)) {
        // `p NUMBER: text` among `q: text`: a list that was not read to its end lists nothing.
        if (flow.indentAt(at) === indent && LIKE_AN_ENTRY.test(lineAt(at))) values.length = 0;
        break;
      }
      // The text of a value may go on in the next line.
      if (match === null) continue;
      const spelled = match[1] ?? '';
      const from = (starts[at] ?? 0) + match[0].indexOf(spelled);
      for (const { 0: value, index } of matches(spelled, /[^\s,|]+/g))
        values.push({ value, start: from + index, end: from + index + value.length });
    }
    if (values.length >= 2) return values;
  }
  return undefined;
}
