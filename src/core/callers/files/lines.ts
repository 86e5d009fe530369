/** A line of a text, with where it begins. */
export interface FileLine {
  readonly text: string;
  readonly start: number;
}

/** The lines of a text without their ends; a carriage return at the end is left out. */
export function linesOfFile(text: string): FileLine[] {
  const lines: FileLine[] = [];
  let start = 0;
  for (const line of text.split('\n')) {
    lines.push({ text: line.endsWith('\r') ? line.slice(0, -1) : line, start });
    start += line.length + 1;
  }
  return lines;
}
