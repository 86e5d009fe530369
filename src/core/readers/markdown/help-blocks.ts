import { type FencedBlock, fencedBlocks } from '../../markdown/fenced-blocks.ts';
import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';

/** So many helps of one text are read. */
const HELPS_LIMIT = 200;

/** The helps that stand in the fenced blocks of a text in Markdown, each as a source of its own that knows where it stands. */
export function helpBlocks(source: Source): Source[] {
  return fencedBlocks(source.text)
    .flatMap((block) => sessionsOf(block, source))
    .filter((session) => isHelp(session))
    .slice(0, HELPS_LIMIT)
    .map(({ text }) => text.build());
}

/** Whether a text is one in Markdown with the help of a program in a fenced block: it has a heading outside of its blocks, and no help there. */
export function isMarkdown(text: string): boolean {
  const blocks = fencedBlocks(text.slice(0, LOOKED_AT));
  if (blocks.length === 0) return false;
  let outside = '';
  let at = 0;
  for (const { start, end } of blocks) {
    outside += text.slice(at, start);
    at = end;
  }
  outside += text.slice(at, LOOKED_AT);
  if (!HEADING.test(outside) || USAGE.test(outside) || listed(outside) >= LEAST_OPTIONS) return false;
  return helpBlocks({ name: '', text: text.slice(0, LOOKED_AT) }).length > 0;
}

/** So much of a text is looked at to tell what it is, in characters. */
const LOOKED_AT = 1024 * 1024;

const HEADING = /^ {0,3}#{1,6} \S|^\S[^\n]*\n(?:={3,}|-{3,})[ \t]*$/m;
const USAGE = /^[ \t]*(?:usage|synopsis)\b[ \t]*(?::|$)/im;
const OPTION = /^[ \t]*-{1,2}[A-Za-z][\w-]*(?:[ =,[<]|$)/gm;

/** Fewer lines of options are no help where no synopsis stands with them. */
const LEAST_OPTIONS = 3;

function listed(text: string): number {
  return text.match(OPTION)?.length ?? 0;
}

/** A part of a block: what was typed at a prompt, and what was printed. */
interface Session {
  /** The command line behind the prompt; undefined where the block has none. */
  readonly typed: string | undefined;
  readonly text: TextBuilder;
}

/** `$ tiffin --help`: a prompt, and what is typed there. */
const PROMPT = /^\s*(?:\$|%|>|#)\s+(\S[^\n]*)/;

function sessionsOf({ start, end, indent }: FencedBlock, source: Source): Session[] {
  const sessions: Session[] = [];
  let current: Session | undefined;
  let at = start;
  for (const line of source.text.slice(start, end).split(/(?<=\n)/)) {
    const [, typed] = PROMPT.exec(line) ?? [];
    if (typed !== undefined || current === undefined) {
      current = { typed, text: new TextBuilder(source) };
      sessions.push(current);
    }
    const margin = Math.min(indent, line.length - line.trimStart().length);
    if (typed === undefined) current.text.copy(line.slice(margin), at + margin);
    at += line.length;
  }
  return sessions;
}

/** What asks a program for its help. */
const ASKS = /(?:^|\s)(?:-{1,2}h(?:elp)?|-\?|help)(?:\s|$)|\s\|/;

/** Whether a part of a block is help, and what was typed asked for it. */
function isHelp({ typed, text }: Session): boolean {
  if (typed !== undefined && !ASKS.test(typed)) return false;
  return USAGE.test(text.text) || listed(text.text) >= LEAST_OPTIONS;
}
