import type { Option } from '../../model/option.ts';

/**
 * Two entries with one text, `-help` and `--help`, are spellings of one option with either number of hyphens, also in two lists of a text. Gives
 * the options with such entries joined.
 */
export function joinHyphenSpellings(options: readonly Option[]): readonly Option[] {
  const joined: Option[] = [];
  // Where the first option of each name stands, without its hyphens.
  const indexes = new Map<string, number>();
  for (const option of options) {
    const name = bare(option.names[0]?.text ?? '');
    const at = indexes.get(name) ?? -1;
    const above = joined[at];
    if (above !== undefined && isSpellingOf(option, above)) {
      joined[at] = { ...above, names: [...above.names, ...option.names] };
    } else {
      if (above === undefined) indexes.set(name, joined.length);
      joined.push(option);
    }
  }
  return joined;
}

function isSpellingOf(option: Option, above: Option): boolean {
  const [name, ...others] = option.names;
  const [aboveName, ...aboveOthers] = above.names;
  if (name === undefined || aboveName === undefined || others.length + aboveOthers.length > 0) return false;
  return (
    name.text !== aboveName.text &&
    bare(name.text) === bare(aboveName.text) &&
    option.help !== undefined &&
    withoutStop(option.help.value) === withoutStop(above.help?.value ?? '')
  );
}

function withoutStop(text: string): string {
  return text.replace(/\.$/, '');
}

function bare(name: string): string {
  return name.replace(/^--?/, '');
}
