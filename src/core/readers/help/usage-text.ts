import type { TextLine } from './text-line.ts';

/** A synopsis may have a text behind a gutter (`tiffin list    list the boxes`). */
export function withoutText(line: TextLine, start: number): number {
  const match = /\S(?:\s{3,}(?=[A-Za-z][a-z']* [a-z])|\s{2}(?=[a-z]+ (?:[a-z]+|<\w+>) [a-z<]))/.exec(
    line.text.slice(start),
  );
  const isMarked = line.text.endsWith(' \\') || isQuoted(line, start);
  const lineEnd = isMarked ? line.text.slice(0, -1).trimEnd().length : line.text.length;
  const end = match === null ? Math.max(start, lineEnd) : start + match.index + 1;
  // `tiffin open BOX (same as tiffin box open BOX)`
  const text = line.text.slice(start, end);
  const remark =
    MARKED_TEXT.exec(text) ??
    BEHIND_COLON.exec(text) ??
    COMMENT.exec(text) ??
    WHERE.exec(text) ??
    /\s\((?:same as|see|e\.g\.|for example|where)\s/i.exec(text) ??
    IN_BRACKETS.exec(text) ??
    SENTENCE_BEHIND.exec(text);
  return remark === null ? end : start + remark.index;
}

/** Whether a synopsis stands in quotation marks, `"tiffin [options] box"`, from its beginning to the end of its line. */
export function isQuoted({ text }: TextLine, start: number): boolean {
  return text[start - 1] === '"' && text.indexOf('"', start) === text.length - 1;
}

/** `tiffin -q   -- be quiet`, `tiffin box   : Open it`, `tiffin [box] : Open it`, `tiffin [OPTION...]  - Mk2 lunch sorter` */
const MARKED_TEXT =
  /(?<=\S)(?: {2,}|\t\s*)(?:--?|:) +(?=[A-Za-z]+ [a-z]|[A-Za-z]\w* [A-Za-z][a-z]+ [A-Za-z][a-z]+)|(?<=[\])>]) : (?=[A-Z][a-z]* [a-z])|(?<=[\])>]) - (?=[A-Za-z][a-z]+(?: [a-z-]+){1,8}$)/;

/** `tiffin [box]   # the boxes of a day` */
const COMMENT = /(?<=\S)\s{1,200}#\s+(?=\S)/;

/** `tiffin [options], where options are:` */
const WHERE = /,? where (?:the |\[)?[\w-]+\]? (?:is|are|(?:may|can|must) be)(?: one of)?:$/i;

/** `tiffin -version: prints the version` */
const BEHIND_COLON = /(?<= --?[\w-]{1,40}):\s+(?=[A-Za-z][a-z]* [a-z])/;

/** `tiffin -d      (takes the box out)`: a bracket without a choice, behind a gutter and at the end. */
const IN_BRACKETS = /(?<=\S)(?: {2,}|\t\s*)(?=\([A-Za-z][^()|]{1,100}\)$)/;

/** `tiffin [BOX]   <-Shows a box`, `tiffin [BOX] Show a box` */
const SENTENCE_BEHIND = / {2}<-\s?[A-Z]|(?<=[\])>]) (?=[A-Z][a-z]+(?: [a-z-]+){1,8}$)/;
