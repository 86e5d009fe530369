import type { SynopsisNode } from './synopsis.ts';

/** A word that stands for itself: a command, a value, or an operand written in lower case. `hostName` is a placeholder. */
export const LITERAL = /^(?!.*[a-z][A-Z])[a-z0-9][\w.:+-]*$/;
/** A placeholder for the options. */
export const ANY_OPTIONS =
  /^[<[]*(?:\.{3})?(?:[\w-]+[-_ ])?(?:options?|option\(s\)|flags?|switch(?:es)?|(?:global|common|general|main|extra|more|other|cmd|command|sub|program|tool|run)?\w?opts|operations|(?<=(?:named|keyword|optional)[-_ ])arg(?:ument)?s)[\d?]?[>\]]*$/i;
/** A placeholder for a subcommand. */
export const ANY_COMMAND = /^[<]?(?:(?:sub-?)?(?:commands?|cmd)|verb|action|operation)[>]?$/i;

/** Whether a node is a placeholder for the options: `[OPTION]...`. */
export function isAnyOptions(node: SynopsisNode | undefined): boolean {
  // `<opt>...`; a single one may be the name of an option.
  if (node?.kind === 'repeat' && /^<?opt>?$/i.test(innerWord(node.body))) return true;
  if (node?.kind === 'repeat' || node?.kind === 'optional') return isAnyOptions(node.body);
  return node?.kind === 'word' && ANY_OPTIONS.test(node.text);
}

/** The word in a bracket or alone; empty where there is none. */
function innerWord(node: SynopsisNode): string {
  const inner = node.kind === 'optional' ? node.body : node;
  return inner.kind === 'word' ? inner.text : '';
}

/** Whether words end in a placeholder for the options: `[emulation options]`. */
export function namesOptions(node: SynopsisNode): boolean {
  const words = node.kind === 'sequence' ? node.items.map(wordOf) : [];
  // `[options but for -e]`, `[more options, see -h]`
  const [first = '', second = ''] = words;
  if (words.length > 1 && ANY_OPTIONS.test(first)) return true;
  if (/^(?:more|other|further)$/.test(first) && ANY_OPTIONS.test(second.replace(/,$/, ''))) return true;
  const last = words.at(-1);
  return (
    words.every((word) => word !== undefined && !word.startsWith('-')) &&
    last !== undefined &&
    ANY_OPTIONS.test(last)
  );
}

/** The word that a node is, dots behind it not counted; undefined where it is none. */
function wordOf(node: SynopsisNode): string | undefined {
  const inner = node.kind === 'repeat' ? node.body : node;
  return inner.kind === 'word' && inner.joined === undefined ? inner.text : undefined;
}

/** Whether a node is a few plain words, the last of which may be repeated: `late box...`, `Box Type(s)`. */
export function isPhrase(node: SynopsisNode): boolean {
  if (node.kind !== 'sequence' || node.items.length < 2 || node.items.length > 6) return false;
  const words = node.items.map((item) => wordOf(item) ?? '');
  // `[FILES OR FOLDERS]`
  if (words.slice(1, -1).some((word) => /^(?:OR|AND|OF)$/.test(word)))
    return words.every((word) => /^[A-Z]+$/.test(word));
  return words.every((word) => /^[A-Za-z]?[a-z]+(?:\(s\))?$/.test(word));
}

/**
 * Words that say what an operand is: `infile`, `hostname`, `srcdir`. The bare `file` and `host` are commands of many programs, and so are `profile`,
 * `mkdir`, `rename` and the like.
 */
const OPERAND_NOUN =
  /^(?!pro|mk|rm|re|un|cur|ls)\w{2,}(?:files?|filenames?|dir|dirs|directory|paths?|urls?)$|^(?:file|host|path|user|dir)names?$/;

/** Words that stand for whatever the program is given. */
const ANY_WORDS = /^(?:arguments|args|operands|parameters|params)$/;

/** The name of a file, with an ending that no command has: `boxes.csv`. */
export const FILE_NAME =
  /^[\w+-][\w.+-]*\.(?:txt|md|csv|tsv|json|ya?ml|toml|xml|html?|css|[mc]?[jt]sx?|py|rb|pl|php|sh|lua|c|cc|cpp|h|hpp|go|rs|java|jar|pdf|ps|tex|bib|png|jpe?g|gif|svg|tiff?|wav|mp[34]|og[gv]|avi|mkv|tar|t?gz|bz2|xz|zip|log|conf|cfg|ini|sql|db|fa|fasta|fastq|bam|sam|vcf|bed|img|iso|bin|hex|elf|so|pcap|pem|crt|key|po|pot|scss|less)$/i;

/** Whether a word in small letters names an operand, by what it says or by a second of its kind beside it (`file1 file2`). */
export function namesOperand(word: string, synopsis: string): boolean {
  const [, stem] = /^(\w*[a-z_])1$/.exec(word) ?? [];
  if (ANY_WORDS.test(word) || FILE_NAME.test(word)) return true;
  return OPERAND_NOUN.test(word) || (stem !== undefined && new RegExp(`\\b${stem}2\\b`).test(synopsis));
}
