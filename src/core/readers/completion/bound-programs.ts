import type { OfferedWord, Shell } from '../../model/inventory.ts';
import { matches } from '../../source/matches.ts';
import type { Source } from '../../source/source.ts';

/** The programs that a script says it completes; empty where it says so in no way that can be read without running it. */
export function programsBoundTo(source: Source, shell: Shell): OfferedWord[] {
  const lines =
    shell === 'zsh' ? matches(source.text, COMPDEF) : shell === 'bash' ? matches(source.text, COMPLETE) : [];
  return lines.flatMap((line) => {
    const words = line[1] ?? '';
    const start = line.index + line[0].length - words.length;
    return matches(words, /[^\s]+/g).map((word) => ({
      text: word[0].replace(/=.*$/, ''),
      description: undefined,
      place: { source, start: start + word.index, end: start + word.index + word[0].length },
    }));
  });
}

/** The first line of a function for zsh: `#compdef tiffin box=list`; options and patterns name no programs. */
const COMPDEF = /^#compdef[ \t]+([\w.+@-][\w.+@=-]*(?:[ \t]+[\w.+@-][\w.+@=-]*){0,49})[ \t]*$/gm;

/** `complete -o nospace -F _tiffin tiffin`, with plain names behind its options. */
const COMPLETE =
  /^[ \t]*complete(?:[ \t]+-[oFWCAGXPS][ \t]+(?:'[^'\n]*'|"[^"\n]*"|[^\s'"-][^\s'"]*)|[ \t]+-[a-z]+)+[ \t]+([\w.+@][\w.+@-]*(?:[ \t]+[\w.+@][\w.+@-]*){0,49})[ \t]*$/gm;
