import type { Trace } from '../parsing/trace.ts';
import { jsonText } from '../source/json-text.ts';
import type { Tool } from './tool.ts';

/** A trace as JSON text, ending in a newline. */
export function traceJson(
  { command, parser, parserMarks, words, firstOperand, options, operands, problems, assumed }: Trace,
  tool: Tool,
): string {
  const named = parser && {
    names: parser.value,
    basis: parser.basis,
    marks: parserMarks.map(({ text }) => text),
  };
  const report = {
    version: 1,
    tool,
    command,
    parser: named ?? null,
    words,
    firstOperand,
    options,
    operands,
    problems,
    assumed,
  };
  return `${jsonText(report, 2)}\n`;
}
