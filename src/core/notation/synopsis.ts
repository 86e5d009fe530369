import { isLetterOf } from './spelling.ts';
import { inCommonNotation, type Token, tokenize } from './synopsis-tokens.ts';

/** A synopsis read as a grammar (POSIX XBD 12.1 and its customary variants). Offsets are in the text that was read. */
export type SynopsisNode =
  | {
      readonly kind: 'word';
      readonly text: string;
      readonly joined: SynopsisNode | undefined;
      readonly start: number;
      readonly end: number;
    }
  | { readonly kind: 'sequence'; readonly items: readonly SynopsisNode[] }
  | {
      readonly kind: 'choice';
      readonly alternatives: readonly SynopsisNode[];
      readonly start: number;
      readonly end: number;
    }
  | {
      readonly kind: 'optional';
      readonly body: SynopsisNode;
      readonly start: number;
      readonly end: number;
    }
  | { readonly kind: 'repeat'; readonly body: SynopsisNode };

const DEPTH_LIMIT = 40;

/** What stands once or more, or, behind a star, any number of times: but for the argument of an option, of which a first must be given. */
function repeatOf(body: SynopsisNode, how: 'repeat' | 'any', before: SynopsisNode | undefined): SynopsisNode {
  const isArgument = before?.kind === 'word' && before.text.startsWith('-');
  const mayBeLeftOut = how === 'any' && body.kind === 'word' && !isArgument;
  return {
    kind: 'repeat',
    body: mayBeLeftOut ? { kind: 'optional', body, start: body.start, end: body.end } : body,
  };
}

/** Reads a synopsis; brackets that do not match are taken as closed at the end. */
export function parseSynopsis(text: string): SynopsisNode {
  return new SynopsisParser(inCommonNotation(text)).sequence(0);
}

class SynopsisParser {
  readonly #text: string;
  readonly #tokens: readonly Token[];
  #at = 0;

  constructor(text: string) {
    this.#text = text;
    this.#tokens = tokenize(text);
  }

  sequence(depth: number): SynopsisNode {
    const alternatives: SynopsisNode[][] = [[]];
    const start = this.#tokens[this.#at]?.start ?? 0;
    let end = start;
    let token = this.#tokens[this.#at];
    while (token !== undefined) {
      if (token.isMark && (token.text === ']' || token.text === ')' || token.text === '}')) {
        if (depth > 0) break;
        this.#at++;
      } else if (token.isMark && token.text === '|') {
        this.#at++;
        const items = alternatives.at(-1) ?? [];
        const left = items.at(-1);
        if (left !== undefined && !isJoined(left, items.at(-2)) && this.#bindsClosely(left, token)) {
          items[items.length - 1] = this.#closeChoice(left, depth);
        } else alternatives.push([]);
      } else {
        const node = this.#item(depth);
        const items = alternatives.at(-1);
        if (node === 'repeat' || node === 'any') {
          const last = items?.pop();
          // Dots behind dots say nothing more, and must not nest.
          if (last !== undefined)
            items?.push(last.kind === 'repeat' || isList(last) ? last : repeatOf(last, node, items.at(-1)));
        } else if (node === 'more') {
          const last = items?.at(-1);
          if (last?.kind === 'word' && isValue(last)) items?.splice(-1, 1, { kind: 'repeat', body: last });
        } else if (node !== undefined) {
          items?.push(node);
        }
      }
      end = this.#tokens[this.#at - 1]?.end ?? end;
      token = this.#tokens[this.#at];
    }
    const bodies = alternatives.map(sequenceOf);
    const flat = bodies.flatMap((body) => (body.kind === 'choice' ? body.alternatives : [body]));
    return bodies.length === 1 && bodies[0] !== undefined
      ? bodies[0]
      : depth === 0
        ? sequenceOf(tightChoices(alternatives))
        : { kind: 'choice', alternatives: flat, start, end };
  }

  #item(depth: number): SynopsisNode | 'repeat' | 'any' | 'more' | undefined {
    const token = this.#tokens[this.#at];
    if (token === undefined) return undefined;
    this.#at++;
    if (!token.isMark) return this.#word(token, depth);
    if (token.text === '...') return 'repeat';
    if (token.text === '*') return 'any';
    // `BOX [...]`: more of the word; behind an option, whatever else there is.
    if (token.text === '[' && this.#isMark(0, '...') && this.#isMark(1, ']')) {
      this.#at += 2;
      return 'more';
    }
    return this.#bracket(token, depth);
  }

  /** Whether the token so many behind the next one is this mark. */
  #isMark(ahead: number, mark: string): boolean {
    const token = this.#tokens[this.#at + ahead];
    return token?.isMark === true && token.text === mark;
  }

  /**
   * Whether a bar without blanks binds closer than a blank does: between words that are no options, and between
   * spellings of one option.
   */
  #bindsClosely(left: SynopsisNode, bar: Token): boolean {
    const next = this.#tokens[this.#at];
    if (next === undefined || !bar.joined || !next.joined || next.isMark) return false;
    if (!next.text.startsWith('-')) return isValue(left);
    return left.kind === 'word' && left.joined === undefined && isLetterOf(left.text, next.text);
  }

  /** `on|off` in `--map on|off`, `-m|--map` in `-m|--map on|off`: all the words that bars without blanks join to a first one. */
  #closeChoice(left: SynopsisNode, depth: number): SynopsisNode {
    const alternatives = left.kind === 'choice' ? [...left.alternatives] : [left];
    const isOfValues = isValue(left);
    let end = endOf(left);
    for (let token = this.#tokens[this.#at]; token !== undefined; token = this.#tokens[this.#at]) {
      this.#at++;
      alternatives.push(this.#word(token, depth));
      end = token.end;
      const bar = this.#tokens[this.#at];
      const next = this.#tokens[this.#at + 1];
      const goesOn = isOfValues && isJoinedBar(bar) && next?.joined === true && !next.isMark;
      if (!goesOn || next.text.startsWith('-')) break;
      this.#at++;
    }
    return { kind: 'choice', alternatives, start: startOf(left), end };
  }

  #bracket(open: Token, depth: number): SynopsisNode {
    const body = depth < DEPTH_LIMIT ? this.sequence(depth + 1) : this.#skipBracket();
    const close = this.#tokens[this.#at];
    const end = close?.end ?? this.#tokens.at(-1)?.end ?? open.end;
    this.#at++;
    const next = this.#tokens[this.#at];
    if (open.text === '[' && next?.joined && !next.isMark && !/^-/.test(this.#text.slice(open.end))) {
      // `[(amend|reword):]<commit>` is one word, of which a part may be left out.
      this.#at++;
      const text = this.#text.slice(open.start, next.end);
      return { kind: 'word', text, joined: undefined, start: open.start, end: next.end };
    }
    if (open.text === '[') return { kind: 'optional', body, start: open.start, end };
    return body;
  }

  /** Passes over a bracket nested too deep to mean anything. */
  #skipBracket(): SynopsisNode {
    let depth = 0;
    for (let token = this.#tokens[this.#at]; token !== undefined; token = this.#tokens[++this.#at]) {
      if (!token.isMark) continue;
      if ('[({'.includes(token.text)) depth++;
      else if ('])}'.includes(token.text) && depth-- === 0) break;
    }
    return { kind: 'sequence', items: [] };
  }

  /** Passes over what is joined to a word: a word, or a bracket that holds more than dots; gives its end. */
  #joinedPartEnd(): number | undefined {
    const next = this.#tokens[this.#at];
    if (!next?.joined || (next.isMark && next.text !== '[')) return undefined;
    if (!next.isMark) {
      this.#at++;
      return next.end;
    }
    const inner = this.#tokens[this.#at + 1];
    if (inner === undefined || inner.text === '...' || /^[-|]/.test(inner.text)) return undefined;
    this.#at++;
    this.#skipBracket();
    const close = this.#tokens[this.#at];
    this.#at++;
    return close?.end ?? this.#text.length;
  }

  /** A word, with a bracket that is joined to it (`--long[=VALUE]`, `-x[VALUE]`). */
  #word(token: Token, depth: number): SynopsisNode {
    const next = this.#tokens[this.#at];
    let joined: SynopsisNode | undefined;
    let end = token.end;
    if (next?.isMark && next.joined && '[({'.includes(next.text) && token.text.startsWith('-')) {
      this.#at++;
      joined = this.#bracket(next, depth);
      end = this.#tokens[this.#at - 1]?.end ?? end;
    }
    if (joined === undefined && !token.text.startsWith('-')) {
      // `HOST[:PORT]/FILE` is one word, of which a part may be left out.
      for (let after = this.#joinedPartEnd(); after !== undefined; after = this.#joinedPartEnd()) end = after;
    }
    const text = this.#text.slice(token.start, joined === undefined ? end : token.end);
    return { kind: 'word', text, joined, start: token.start, end };
  }
}

function isJoinedBar(token: Token | undefined): boolean {
  return token?.isMark === true && token.joined && token.text === '|';
}

/** Whether a node stands behind another with no blank between them (`[+]BOXES`). */
function isJoined(node: SynopsisNode, before: SynopsisNode | undefined): boolean {
  return before !== undefined && endOf(before) === startOf(node);
}

/** `DAY[,DAY]`: dots behind it go on with the one word. */
function isList(node: SynopsisNode): boolean {
  return node.kind === 'word' && /\[,[^\][]*\]$/.test(node.text);
}

/** A word that is no option, or a choice of such words. */
function isValue(node: SynopsisNode): boolean {
  return node.kind === 'choice'
    ? node.alternatives.every(isValue)
    : node.kind === 'word' && !node.text.startsWith('-');
}

function sequenceOf(items: readonly SynopsisNode[]): SynopsisNode {
  const only = items[0];
  return items.length === 1 && only !== undefined ? only : { kind: 'sequence', items };
}

/** Without brackets, a bar joins only the two items beside it: `prog -a | -b FILE`. */
function tightChoices(alternatives: readonly SynopsisNode[][]): SynopsisNode[] {
  const out: SynopsisNode[] = [...(alternatives[0] ?? [])];
  // The choice that was made last, to which a further bar adds.
  let last: { node: SynopsisNode; list: SynopsisNode[] } | undefined;
  for (const items of alternatives.slice(1)) {
    const [right, ...rest] = items;
    const left = isOption(right) ? withItsOption(out) : out.pop();
    if (left !== undefined && right !== undefined) {
      const isSame = last?.node === left;
      const list =
        isSame && last !== undefined ? last.list : left.kind === 'choice' ? [...left.alternatives] : [left];
      list.push(right);
      last = { node: { kind: 'choice', alternatives: list, start: startOf(left), end: endOf(right) }, list };
      out.push(last.node);
    } else if (left !== undefined) {
      out.push(left);
    }
    for (const item of rest) out.push(item);
  }
  return out;
}

/** Takes the last node off; with the option before it, `--box <box>`, where it is a placeholder that belongs to one. */
function withItsOption(out: SynopsisNode[]): SynopsisNode | undefined {
  const last = out.pop();
  const before = out.at(-1);
  const isPlaceholder = last?.kind === 'word' && /^(?:<[^<>]+>|[A-Z][A-Z0-9_-]*)$/.test(last.text);
  if (last === undefined || before === undefined || !isPlaceholder || !isOption(before)) return last;
  out.pop();
  return { kind: 'sequence', items: [before, last] };
}

/** Whether a node is an option that shows no argument of its own. */
function isOption(node: SynopsisNode | undefined): boolean {
  return node?.kind === 'word' && node.joined === undefined && /^--?\w[^=]*$/.test(node.text);
}

/** Where a node begins in the text. */
export function startOf(node: SynopsisNode): number {
  if (node.kind === 'sequence') return node.items[0] === undefined ? 0 : startOf(node.items[0]);
  return node.kind === 'repeat' ? startOf(node.body) : node.start;
}

/** Where a node ends in the text; dots behind it are not counted. */
export function endOf(node: SynopsisNode): number {
  if (node.kind === 'sequence') {
    const last = node.items.at(-1);
    return last === undefined ? 0 : endOf(last);
  }
  return node.kind === 'repeat' ? endOf(node.body) : node.end;
}
