import type { CallWord, CallWords, FoundCall } from '../call-words.ts';
import { callsOfWords } from '../shell-calls.ts';
import type { CallerFile } from './caller-file.ts';
import { linesOfFile } from './lines.ts';
import { splitWords } from './split-words.ts';

/** Specifiers and variables, which systemd fills in. */
const SPLITTING = { dynamic: /%\w|\$\{?\w/, doubled: /%%|\$\$/g };

/** A unit of systemd: its `ExecStart=` and the like, which no shell reads. */
export const systemdUnit: CallerFile = {
  recognises: (path) =>
    /\.(?:service|socket|timer|mount|automount|path|swap|slice)(?:\.d\/[^/]+\.conf)?$/.test(path),
  calls: (source) => {
    const calls: FoundCall[] = [];
    const lines = linesOfFile(source.text);
    for (let i = 0; i < lines.length; i++) {
      const [head] = /^[ \t]*Exec\w+[ \t]*=[ \t]*[-@:+!|]*/.exec(lines[i]?.text ?? '') ?? [];
      if (head === undefined) continue;
      const words = [];
      let from = head.length;
      for (; i < lines.length; i++) {
        const { text = '', start = 0 } = lines[i] ?? {};
        // A comment between the lines of a command belongs to none of them.
        if (words.length > 0 && /^[ \t]*[#;]/.test(text)) continue;
        const goesOn = /(?<!\\)(?:\\\\)*\\$/.test(text);
        const line = { text: text.slice(from, goesOn ? -1 : undefined), start: start + from };
        for (const word of splitWords(line, source, SPLITTING)) words.push(word);
        from = 0;
        if (!goesOn) break;
      }
      for (const command of partedBySemicolons(words))
        for (const call of callsOfWords(command)) calls.push(call);
    }
    return calls;
  },
};

/** A semicolon that is a word of its own ends a command. */
function partedBySemicolons(words: CallWords): CallWords[] {
  const commands: CallWord[][] = [[]];
  for (const word of words) {
    if (word.text === ';' && word.place.end - word.place.start === 1) commands.push([]);
    else commands.at(-1)?.push(word);
  }
  return commands.filter((command) => command.length > 0);
}
