/** How a text report is to look. */
export interface TextOptions {
  /** Columns of the terminal. */
  readonly width: number;
  /** Whether colours and other terminal attributes may be used. */
  readonly colour: boolean;
}

/** A report is never narrower than this, nor its running text wider than the other. */
const MIN_WIDTH = 40;
const MAX_WIDTH = 120;

export function usedWidth({ width }: TextOptions): number {
  return Math.max(MIN_WIDTH, Math.min(width, MAX_WIDTH));
}

export type Attribute = 'bold' | 'dim' | 'underline' | 'red' | 'yellow' | 'cyan' | 'green';

const CODES: Record<Attribute, readonly [number, number]> = {
  bold: [1, 22],
  dim: [2, 22],
  underline: [4, 24],
  red: [31, 39],
  yellow: [33, 39],
  cyan: [36, 39],
  green: [32, 39],
};

/** Sets attributes on a text (ECMA-48); the plain text where colour is off. */
export function styled(text: string, attributes: readonly Attribute[], { colour }: TextOptions): string {
  if (!colour || text === '') return text;
  return attributes.reduce((inner, attribute) => {
    const [on, off] = CODES[attribute];
    return `\x1b[${on}m${inner}\x1b[${off}m`;
  }, text);
}
