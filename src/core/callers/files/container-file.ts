import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { CallWords, FoundCall } from '../call-words.ts';
import { callsOfWords, shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';
import { type FileLine, linesOfFile } from './lines.ts';

/** An instruction that runs something, with its flags, such as `--mount=type=cache`. */
const INSTRUCTION =
  /^[ \t]*(?:ONBUILD[ \t]+)?(?:RUN|CMD|ENTRYPOINT|HEALTHCHECK(?:[ \t]+--\S+)*[ \t]+CMD)(?:[ \t]+--[a-z]\S*)*[ \t]+(?=\S)/i;

/** A file that a container is made by: what it runs, by way of a shell or as a list of words. */
export const containerFile: CallerFile = {
  recognises: (path) =>
    /^(?:Docker|Container)file(?:\..+)?$|\.(?:docker|container)file$/i.test(fileName(path)),
  calls: (source) => {
    const calls: FoundCall[] = [];
    const lines = linesOfFile(source.text);
    for (let i = 0; i < lines.length; i++) {
      const [head] = INSTRUCTION.exec(lines[i]?.text ?? '') ?? [];
      if (head === undefined) continue;
      const instruction: FileLine[] = [];
      const { start = 0 } = lines[i] ?? {};
      do instruction.push(lines[i] as FileLine);
      while (goesOn(lines[i]) && ++i < lines.length);
      const here = /<<-?["']?(\w+)["']?/.exec(instruction[0]?.text ?? '')?.[1];
      if (here !== undefined)
        while (++i < lines.length) {
          instruction.push(lines[i] as FileLine);
          if (lines[i]?.text.trim() === here) break;
        }
      for (const call of callsOf(instruction, head.length, start, source, here !== undefined))
        calls.push(call);
    }
    return calls;
  },
};

/** A comment between the lines of an instruction belongs to none of them. */
function goesOn(line: FileLine | undefined): boolean {
  return line !== undefined && (line.text.trimEnd().endsWith('\\') || /^[ \t]*#/.test(line.text));
}

function callsOf(
  lines: readonly FileLine[],
  head: number,
  start: number,
  source: Source,
  isHere: boolean,
): readonly FoundCall[] {
  const list =
    lines.length === 1 ? listedWords(lines[0]?.text.slice(head) ?? '', start + head, source) : undefined;
  // Behind an entry point come the words that the container is run with.
  const isOpen = /^[ \t]*(?:ONBUILD[ \t]+)?ENTRYPOINT/i.test(lines[0]?.text ?? '');
  if (list !== undefined)
    return callsOfWords(list).map((call) => ({ ...call, isOpen: call.isOpen || isOpen }));
  const builder = new TextBuilder(source);
  for (const [i, { text, start: at }] of lines.entries()) {
    if (i > 0 && !isHere && /^[ \t]*#/.test(text)) continue;
    const from = i === 0 ? head : 0;
    // What stands in a here-document is the script itself.
    if (isHere && (i === 0 || i === lines.length - 1)) continue;
    builder.copy(`${text.slice(from)}\n`, at + from);
  }
  return shellCalls(builder.build());
}

/** `["tiffin", "box", "list"]` as words; undefined for anything else. */
function listedWords(text: string, start: number, source: Source): CallWords | undefined {
  let words: unknown;
  try {
    words = JSON.parse(text);
  } catch {
    return undefined;
  }
  if (!Array.isArray(words) || !words.every((word) => typeof word === 'string')) return undefined;
  const places = [...text.matchAll(/"(?:[^"\\]|\\.)*"/g)];
  return words.map((word: string, i) => {
    const { 0: written = '', index = 0 } = places[i] ?? {};
    return {
      text: word,
      isLiteral: true,
      literalStart: word.length,
      place: { source, start: start + index, end: start + index + written.length },
    };
  });
}
