import { editedText, type FileEdits, type TextEdit } from './text-edits.ts';

/** So many lines stand around a change. */
const CONTEXT = 3;

/** The edits of a file as a patch in the unified format, which `patch -p1` and `git apply` take; lines keep their ends. */
export function unifiedDiff({ source, edits }: FileEdits): string {
  if (edits.length === 0) return '';
  const lines = linesWithEnds(source.text);
  const starts = lineStarts(lines);
  const hunks = groupedByContext(changedLines(edits, starts));
  const prefix = source.name.startsWith('/') ? ['', ''] : ['a/', 'b/'];
  const parts = prefix.map((own, i) => `${i === 0 ? '---' : '+++'} ${quotedName(own + source.name)}\n`);
  let shift = 0;
  for (const hunk of hunks) {
    const from = Math.max(0, (hunk[0]?.first ?? 0) - CONTEXT);
    const to = Math.min(lines.length, (hunk.at(-1)?.last ?? 0) + 1 + CONTEXT);
    const body: string[] = [];
    let at = from;
    let added = 0;
    for (const { first, last, edits: own } of hunk) {
      for (; at < first; at++) body.push(marked(' ', lines[at] ?? ''));
      const after = linesWithEnds(
        editedLines(lines.slice(first, last + 1).join(''), starts[first] ?? 0, own),
      );
      for (; at <= last; at++) body.push(marked('-', lines[at] ?? ''));
      for (const line of after) body.push(marked('+', line));
      added += after.length - (last - first + 1);
    }
    for (; at < to; at++) body.push(marked(' ', lines[at] ?? ''));
    parts.push(`@@ -${from + 1},${to - from} +${from + 1 + shift},${to - from + added} @@\n`, body.join(''));
    shift += added;
  }
  return parts.join('');
}

/** Lines that edits are in, and these edits. */
interface ChangedLines {
  readonly first: number;
  readonly last: number;
  readonly edits: readonly TextEdit[];
}

function linesWithEnds(text: string): string[] {
  return text.split(/(?<=\n)/).filter((line) => line !== '');
}

function lineStarts(lines: readonly string[]): number[] {
  const starts: number[] = [];
  let at = 0;
  for (const line of lines) {
    starts.push(at);
    at += line.length;
  }
  return starts;
}

/** The lines that edits are in, those of one line together. */
function changedLines(edits: readonly TextEdit[], starts: readonly number[]): ChangedLines[] {
  const changes: ChangedLines[] = [];
  let line = 0;
  let current: TextEdit[] = [];
  for (const edit of edits) {
    while ((starts[line + 1] ?? Number.POSITIVE_INFINITY) <= edit.place.start) line++;
    let last = line;
    while ((starts[last + 1] ?? Number.POSITIVE_INFINITY) < edit.place.end) last++;
    const before = changes.at(-1);
    const isSame = before !== undefined && before.last >= line;
    if (isSame) changes.pop();
    else current = [];
    current.push(edit);
    changes.push({
      first: isSame ? before.first : line,
      last: Math.max(isSame ? before.last : 0, last),
      edits: current,
    });
  }
  return changes;
}

/** Changes whose lines of context meet stand in one hunk. */
function groupedByContext(ranges: readonly ChangedLines[]): ChangedLines[][] {
  const hunks: ChangedLines[][] = [];
  for (const range of ranges) {
    const before = hunks.at(-1)?.at(-1);
    if (before !== undefined && range.first - before.last <= 2 * CONTEXT) hunks.at(-1)?.push(range);
    else hunks.push([range]);
  }
  return hunks;
}

/** A part of a file that begins at an offset, with the edits in it made. */
function editedLines(text: string, start: number, edits: readonly TextEdit[]): string {
  const source = { name: '', text };
  const moved = edits.map((edit) => ({
    place: { source, start: edit.place.start - start, end: edit.place.end - start },
    text: edit.text,
  }));
  return editedText({ source, edits: moved });
}

function marked(mark: string, line: string): string {
  return line.endsWith('\n') ? `${mark}${line}` : `${mark}${line}\n\\ No newline at end of file\n`;
}

/** A name with what would break its line, as git quotes it. */
function quotedName(name: string): string {
  if (!/[\x00-\x1f"\\\x7f]/.test(name)) return name;
  const escaped = name.replace(/[\x00-\x1f"\\\x7f]/g, (character) => {
    const short = { '\n': '\\n', '\t': '\\t', '\r': '\\r', '"': '\\"', '\\': '\\\\' }[character];
    return short ?? `\\${character.charCodeAt(0).toString(8).padStart(3, '0')}`;
  });
  return `"${escaped}"`;
}
