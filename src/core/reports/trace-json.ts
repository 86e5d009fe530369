import type { Trace } from '../parsing/trace.ts';
import { jsonText } from '../source/json-text.ts';
import { parserJson } from './parser-json.ts';
import type { Tool } from './tool.ts';

/** A trace as JSON text, ending in a newline. */
export function traceJson(
  { command, parser, parserMarks, words, firstOperand, options, operands, problems, assumed }: Trace,
  tool: Tool,
): string {
  const report = {
    version: 1,
    tool,
    command,
    parser: parserJson({ parser, parserMarks }),
    words,
    firstOperand,
    options,
    operands,
    problems,
    assumed,
  };
  return `${jsonText(report, 2)}\n`;
}
