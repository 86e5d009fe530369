import type { Inventory, Shell } from '../../model/inventory.ts';
import type { Source } from '../../source/source.ts';
import { readBashCompletion } from './read-bash.ts';
import { readFishCompletion } from './read-fish.ts';
import { readZshCompletion } from './read-zsh.ts';

const READERS: Record<Shell, (source: Source, program: string) => Inventory> = {
  bash: readBashCompletion,
  zsh: readZshCompletion,
  fish: readFishCompletion,
};

/** The shell that a completion script is for, told from its name and contents; undefined where they do not tell. */
export function detectShell({ name, text }: Source): Shell | undefined {
  if (/^#(?:compdef|autoload)\b/m.test(text.slice(0, 4096)) || /\.zsh$/.test(name)) return 'zsh';
  if (/\.fish$/.test(name)) return 'fish';
  if (/\.bash$/.test(name)) return 'bash';
  if (/^[ \t]*complete[ \t]+(?:.*\s)?(?:-[a-zA-Z]*c|--command)\b/m.test(text)) return 'fish';
  return /\bCOMPREPLY\b|^[ \t]*complete[ \t]+-[WFoA]/m.test(text) ? 'bash' : undefined;
}

/** What a completion script offers for a program, read without running it. Never throws. */
export function readCompletion(source: Source, shell: Shell, program: string): Inventory {
  return READERS[shell](source, program);
}
