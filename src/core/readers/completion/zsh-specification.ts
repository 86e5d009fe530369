/** One specification of zsh's `_arguments`, taken apart. */
export interface ZshSpecification {
  /** The option; undefined for operands. */
  readonly option: string | undefined;
  readonly explanation: string | undefined;
  /** What is done for each of its arguments, or for the operand. */
  readonly actions: readonly string[];
  /** What is not offered behind it: the words in the brackets in front. */
  readonly others: readonly string[];
  /** Which operand it is, from 1, where it has a number. */
  readonly position: number | undefined;
}

/** Reads a specification such as `(-a)--all[list all]` or `1:box:_boxes`; undefined where it is none. */
export function readZshSpecification(text: string): ZshSpecification | undefined {
  let rest = text;
  let others: string[] = [];
  if (rest.startsWith('(')) {
    const end = rest.indexOf(')');
    if (end < 0) return undefined;
    others = rest.slice(1, end).split(/\s+/).filter(Boolean);
    rest = rest.slice(end + 1);
  }
  if (/^\*?[-+]/.test(rest)) return optionSpecification(rest.replace(/^\*/, ''), others);
  const operand = /^(?:\d+|\*)?:/.exec(rest);
  if (operand === null) return undefined;
  const fields = fieldsOf(rest.slice(operand[0].length).replace(/^:{0,2}/, ''));
  const number = /^\d+/.exec(operand[0])?.[0];
  return {
    option: undefined,
    explanation: undefined,
    actions: [fields[1] ?? ''],
    others,
    position: number === undefined ? undefined : Number(number),
  };
}

function optionSpecification(text: string, others: readonly string[]): ZshSpecification | undefined {
  let name = '';
  let at = 0;
  for (; at < text.length; at++) {
    const character = text[at] ?? '';
    if (character === '\\') name += text[++at] ?? '';
    else if (character === '[' || character === ':') break;
    else name += character;
  }
  let explanation: string | undefined;
  if (text[at] === '[') {
    explanation = '';
    for (at++; at < text.length && text[at] !== ']'; at++) {
      if (text[at] === '\\') at++;
      explanation += text[at] ?? '';
    }
    at++;
  }
  const option = name.replace(/(?:=-?|[+-])$/, (mark, offset: number) => (offset > 1 ? '' : mark));
  if (option === '-' || option === '') return undefined;
  return {
    option,
    explanation: explanation?.trim() || undefined,
    actions: actionsOf(text.slice(at)),
    others,
    position: undefined,
  };
}

/** The actions of the arguments of an option: of `:a:_x:b:_y` there are two. */
function actionsOf(text: string): string[] {
  if (!text.startsWith(':')) return [];
  const actions: string[] = [];
  const fields = fieldsOf(text.replace(/^::?(?:\*[^:]*:)?/, ''));
  for (let i = 1; i < Math.max(2, fields.length); i += 2) actions.push(fields[i] ?? '');
  return actions;
}

/** Parts a text at colons that have no backslash before them and stand in no brackets. */
function fieldsOf(text: string): string[] {
  const fields = [''];
  let depth = 0;
  for (let i = 0; i < text.length; i++) {
    const character = text[i] ?? '';
    if (character === '\\') {
      fields[fields.length - 1] += character + (text[++i] ?? '');
      continue;
    }
    if (character === '(' || character === '{') depth++;
    if (character === ')' || character === '}') depth--;
    if (character === ':' && depth <= 0) fields.push('');
    else fields[fields.length - 1] += character;
  }
  return fields;
}

/** A word and its text of a list such as `owner:its owner`, where a backslash keeps a colon. */
export function readZshItem(item: string): { text: string; description: string | undefined } {
  let text = '';
  for (let i = 0; i < item.length; i++) {
    const character = item[i] ?? '';
    if (character === '\\') text += item[++i] ?? '';
    else if (character === ':') return { text, description: item.slice(i + 1).trim() || undefined };
    else text += character;
  }
  return { text, description: undefined };
}

/** The items of `((a\:"one" b\:"two"))`, quotes taken off; the backslash before a colon goes too. */
export function zshListItems(text: string): string[] {
  const items: string[] = [];
  let item = '';
  let quote = '';
  for (let i = 0; i < text.length; i++) {
    const character = text[i] ?? '';
    if (character === '\\' && quote !== "'") {
      const next = text[++i] ?? '';
      item += next === ':' ? ':' : next;
    } else if (quote !== '' && character === quote) quote = '';
    else if (quote === '' && (character === '"' || character === "'")) quote = character;
    else if (quote === '' && /\s/.test(character)) {
      if (item !== '') items.push(item);
      item = '';
    } else item += character;
  }
  if (item !== '') items.push(item);
  return items;
}
