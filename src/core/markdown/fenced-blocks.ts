/** A fenced block of a text in Markdown, without its fences. */
export interface FencedBlock {
  /** Where its first line begins. */
  readonly start: number;
  /** Where its last line ends, with the end of the line. */
  readonly end: number;
  /** How far its opening fence is indented, which its lines may be too. */
  readonly indent: number;
  /** What its opening fence says of it, such as `sh`; empty where it says nothing. */
  readonly language: string;
}

/** A fence: three or more backticks or tildes; behind backticks that open a block stand no others. */
const FENCE = /^([ \t]*)(?:(`{3,})([^`\n]*)|(~{3,})([^\n]*))$/;

/** The fenced blocks of a text; one that is not closed ends with the text, as CommonMark has it. */
export function fencedBlocks(text: string): FencedBlock[] {
  const blocks: FencedBlock[] = [];
  let open: (Omit<FencedBlock, 'end'> & { readonly fence: string }) | undefined;
  let at = 0;
  for (const line of text.split('\n')) {
    const end = at + line.length + 1;
    const [, indent = '', ticks, behindTicks = '', tildes, behindTildes = ''] =
      FENCE.exec(line.trimEnd()) ?? [];
    const fence = ticks ?? tildes;
    if (fence !== undefined) {
      if (open === undefined)
        open = { fence, start: end, indent: indent.length, language: (behindTicks + behindTildes).trim() };
      else if (
        fence[0] === open.fence[0] &&
        fence.length >= open.fence.length &&
        behindTicks + behindTildes === ''
      ) {
        blocks.push({ start: open.start, end: at, indent: open.indent, language: open.language });
        open = undefined;
      }
    }
    at = end;
  }
  if (open !== undefined && open.start < text.length)
    blocks.push({ start: open.start, end: text.length, indent: open.indent, language: open.language });
  return blocks;
}
