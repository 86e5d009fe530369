import { isMap, isPair, isScalar, isSeq, type Node, parseAllDocuments, type Scalar } from 'yaml';
import type { Source } from '../../source/source.ts';
import { TextBuilder } from '../../source/text-builder.ts';
import type { CallWord, FoundCall } from '../call-words.ts';
import { callsOfWords, shellCalls } from '../shell-calls.ts';
import { type CallerFile, fileName } from './caller-file.ts';

/** Keys whose texts are commands for a shell, in workflows, pipelines and compositions of containers. */
const SHELL_KEYS =
  /^(?:run|script|scripts|commands?|before_script|after_script|cmd|cmds|entrypoint|exec|shell|test|pre|post|install|build|deploy)$/;

/** Keys whose lists are the words of one command. */
const WORDS_KEYS = /^(?:command|entrypoint|args|cmd|exec|test)$/;

/** So long a file is taken apart, in UTF-16 units. */
const SIZE_LIMIT = 2_000_000;

/** How deep the parts of a file may stand in each other. */
const DEPTH_LIMIT = 60;

/** A workflow, a pipeline or a composition of containers in YAML: the commands below the keys that run them. */
export const yamlJobs: CallerFile = {
  recognises: (path) => /\.ya?ml$/.test(fileName(path)),
  sizeLimit: SIZE_LIMIT,
  calls: (source) => callsInYaml(source, (key) => SHELL_KEYS.test(key)),
};

/** The scripts of a package in JSON. */
export const packageScripts: CallerFile = {
  recognises: (path) => /^(?:package|composer|deno)\.jsonc?$/.test(fileName(path)),
  sizeLimit: SIZE_LIMIT,
  calls: (source) => callsInYaml(source, (_, outer) => outer === 'scripts' || outer === 'tasks'),
};

function callsInYaml(source: Source, isShell: (key: string, outer: string) => boolean): FoundCall[] {
  const calls: FoundCall[] = [];
  const take = (text: Source) => {
    for (const call of shellCalls(text)) calls.push(call);
  };
  const visit = (node: unknown, key: string, outer: string, depth: number): void => {
    if (depth > DEPTH_LIMIT) return;
    if (isMap(node))
      for (const pair of node.items) {
        if (!isPair(pair)) continue;
        const own = isScalar(pair.key) ? String(pair.key.value) : '';
        visit(pair.value, own, key, depth + 1);
      }
    else if (isSeq(node)) {
      const isRun = isShell(key, outer);
      const words = isRun && WORDS_KEYS.test(key) ? wordsOf(node.items as Node[], source) : undefined;
      if (words !== undefined) for (const call of callsOfWords(words)) calls.push(call);
      else for (const item of node.items) visit(item, isScalar(item) ? key : '', outer, depth + 1);
    } else if (isScalar(node) && typeof node.value === 'string' && isShell(key, outer))
      take(scalarText(node, source));
  };
  for (const document of parseAllDocuments(source.text, { uniqueKeys: false, logLevel: 'silent' }))
    visit('contents' in document ? document.contents : undefined, '', '', 0);
  return calls;
}

/** A list as the words of one command; undefined where it holds something else, or each of its items is a command. */
function wordsOf(items: readonly Node[], source: Source): CallWord[] | undefined {
  const words = items.flatMap((item): CallWord[] => {
    const [start, end] = item?.range ?? [];
    if (!isScalar(item) || start === undefined || end === undefined) return [];
    const text = String(item.value);
    const dynamic = text.search(/\$[{(\w]/);
    const isLiteral = dynamic < 0;
    const literalStart = isLiteral ? text.length : dynamic;
    return [{ text, isLiteral, literalStart, place: { source, start, end } }];
  });
  const isOneCommand = words.length === items.length && !/\s/.test(words[0]?.text ?? ' ');
  return isOneCommand
    ? words.filter(({ text }, i) => !(i === 0 && /^CMD(?:-SHELL)?$/.test(text)))
    : undefined;
}

/** The text of a scalar, each unit of which knows where it stands. */
function scalarText(node: Scalar, source: Source): Source {
  const value = String(node.value);
  const [from = 0, to = 0] = node.range ?? [];
  const written = source.text.slice(from, to);
  const builder = new TextBuilder(source);
  const at = written.indexOf(value);
  if (at >= 0) builder.copy(value, from + at);
  else if (node.type === 'BLOCK_LITERAL' || node.type === 'BLOCK_FOLDED') copyBlock(written, from, builder);
  else copyQuoted(value, written, from, builder);
  return builder.build();
}

/** The lines of a block below its head, without what they are all indented by. */
function copyBlock(written: string, from: number, to: TextBuilder): void {
  const head = written.indexOf('\n') + 1;
  const lines = written.slice(head).split(/(?<=\n)/);
  const indent = /^ */.exec(lines.find((line) => line.trim() !== '') ?? '')?.[0].length ?? 0;
  let at = from + head;
  for (const line of lines) {
    const margin = Math.min(indent, line.length - line.trimStart().length);
    if (line.trim() === '') to.copy('\n', at + line.length - 1);
    else to.copy(line.slice(margin), at + margin);
    at += line.length;
  }
}

/** A text in quotes with escapes, or over several lines: what is written differs from it by backslashes, quotes and blanks. */
function copyQuoted(value: string, written: string, from: number, to: TextBuilder): void {
  let at = 0;
  for (const character of value) {
    const found = written.indexOf(character, at);
    if (found >= 0 && found - at <= SKIPPED) at = found;
    to.copy(character, from + Math.min(at, Math.max(written.length - 1, 0)));
    at += character.length;
  }
}

/** So many characters of what is written stand for nothing, at most, between two that count. */
const SKIPPED = 12;
