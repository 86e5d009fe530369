import { editedText, type FileEdits, type TextEdit } from './text-edits.ts';

/** So many lines stand around a change. */
const CONTEXT = 3;

/** The edits of a file as a patch in the unified format, which `patch -p1` and `git apply` take; lines keep their ends. */
export function unifiedDiff({ source, edits }: FileEdits): string {
  if (edits.length === 0) return '';
  const lines = linesWithEnds(source.text);
  const hunks = groupedByContext(changedLines(edits, lines));
  const prefix = source.name.startsWith('/') ? ['', ''] : ['a/', 'b/'];
  const parts = prefix.map((own, i) => `${i === 0 ? '---' : '+++'} ${quotedName(own + source.name)}\n`);
  let shift = 0;
  for (const hunk of hunks) {
    const from = Math.max(0, (hunk[0]?.first ?? 0) - CONTEXT);
    const to = Math.min(lines.length, (hunk.at(-1)?.end ?? 0) + CONTEXT);
    const body: string[] = [];
    let at = from;
    let added = 0;
    for (const { first, end, after } of hunk) {
      for (; at < first; at++) body.push(marked(' ', lines[at] ?? ''));
      for (; at < end; at++) body.push(marked('-', lines[at] ?? ''));
      for (const line of after) body.push(marked('+', line));
      added += after.length - (end - first);
    }
    for (; at < to; at++) body.push(marked(' ', lines[at] ?? ''));
    parts.push(`@@ -${rangeText(from, to - from)} +${rangeText(from + shift, to - from + added)} @@\n`);
    parts.push(body.join(''));
    shift += added;
  }
  return hunks.length === 0 ? '' : parts.join('');
}

/** Where a stretch of lines begins and how many there are; one of no lines is named by the line before it. */
function rangeText(from: number, count: number): string {
  return `${count === 0 ? from : from + 1},${count}`;
}

/** Lines that are others afterwards: from the first to before the end, and what stands there then. */
interface ChangedLines {
  readonly first: number;
  readonly end: number;
  readonly after: readonly string[];
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

/** The lines that edits change, those of one line together; lines that stay as they are are not among them. */
function changedLines(edits: readonly TextEdit[], lines: readonly string[]): ChangedLines[] {
  const starts = lineStarts(lines);
  const touched: { first: number; last: number; edits: TextEdit[] }[] = [];
  let line = 0;
  for (const edit of edits) {
    while ((starts[line + 1] ?? Number.POSITIVE_INFINITY) <= edit.place.start) line++;
    let last = line;
    while ((starts[last + 1] ?? Number.POSITIVE_INFINITY) < edit.place.end) last++;
    const before = touched.at(-1);
    if (before !== undefined && before.last >= line) {
      before.edits.push(edit);
      before.last = Math.max(before.last, last);
    } else touched.push({ first: line, last, edits: [edit] });
  }
  return touched.flatMap(({ first, last, edits: own }) => {
    const before = lines.slice(first, last + 1);
    const after = linesWithEnds(editedLines(before.join(''), starts[first] ?? 0, own));
    let same = 0;
    while (same < before.length && same < after.length && before[same] === after[same]) same++;
    let behind = 0;
    const most = Math.min(before.length, after.length) - same;
    while (behind < most && before.at(-1 - behind) === after.at(-1 - behind)) behind++;
    const changed = {
      first: first + same,
      end: last + 1 - behind,
      after: after.slice(same, after.length - behind),
    };
    return changed.end === changed.first && changed.after.length === 0 ? [] : [changed];
  });
}

/** Changes whose lines of context meet stand in one hunk. */
function groupedByContext(changes: readonly ChangedLines[]): ChangedLines[][] {
  const hunks: ChangedLines[][] = [];
  for (const change of changes) {
    const before = hunks.at(-1)?.at(-1);
    if (before !== undefined && change.first - before.end < 2 * CONTEXT) hunks.at(-1)?.push(change);
    else hunks.push([change]);
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
