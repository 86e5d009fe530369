import type { Option } from '../../model/option.ts';

/**
 * Two entries one below the other with one text, `-help` and `--help`, are spellings of one option with either number of hyphens. Gives the
 * options with such entries joined.
 */
export function joinHyphenSpellings(options: readonly Option[]): readonly Option[] {
  const joined: Option[] = [];
  for (const option of options) {
    const above = joined.at(-1);
    if (above !== undefined && isSpellingOf(option, above))
      joined[joined.length - 1] = { ...above, names: [...above.names, ...option.names] };
    else joined.push(option);
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
    option.help.value === above.help?.value
  );
}

function bare(name: string): string {
  return name.replace(/^--?/, '');
}
