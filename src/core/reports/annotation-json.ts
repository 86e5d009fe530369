import type { HelpAnnotation } from '../source/help-annotation.ts';
import { jsonText } from '../source/json-text.ts';
import type { Tool } from './tool.ts';

/** A help output line by line as JSON text, ending in a newline. */
export function annotationJson({ source, parser, lines, counts }: HelpAnnotation, tool: Tool): string {
  return `${jsonText({ version: 1, tool, source: source.name, parser: parser ?? null, lines, counts }, 2)}\n`;
}
