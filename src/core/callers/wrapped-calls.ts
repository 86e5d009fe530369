import type { CallWord, CallWords, FoundCall } from './call-words.ts';

/** A program that runs the one behind it: its options that take a word, how many operands of its own come first, and the word before them by which it does so. */
interface Wrapper {
  readonly taking: string;
  readonly takingLong?: readonly string[];
  readonly operands?: number;
  readonly command?: RegExp;
}

const WRAPPERS: Readonly<Record<string, Wrapper>> = {
  sudo: { taking: 'ugphCrtUTDR', takingLong: ['user', 'group', 'prompt', 'host', 'chdir'] },
  doas: { taking: 'uC' },
  env: { taking: 'uCS', takingLong: ['unset', 'chdir'] },
  nice: { taking: 'n', takingLong: ['adjustment'] },
  ionice: { taking: 'cnp', takingLong: ['class', 'classdata'] },
  chrt: { taking: '', operands: 1 },
  nohup: { taking: '' },
  setsid: { taking: '' },
  time: { taking: 'fo', takingLong: ['format', 'output'] },
  timeout: { taking: 'ks', takingLong: ['kill-after', 'signal'], operands: 1 },
  stdbuf: { taking: 'ioe', takingLong: ['input', 'output', 'error'] },
  xargs: {
    taking: 'InPLdEsa',
    takingLong: ['replace', 'max-args', 'max-procs', 'max-lines', 'delimiter', 'arg-file'],
  },
  exec: { taking: 'a' },
  command: { taking: '' },
  builtin: { taking: '' },
  flock: { taking: 'wE', takingLong: ['timeout', 'conflict-exit-code'], operands: 1 },
  chroot: { taking: '', takingLong: [], operands: 1 },
  watch: { taking: 'n', takingLong: ['interval'] },
  caffeinate: { taking: 't' },
  npx: { taking: 'pcw', takingLong: ['package', 'workspace'] },
  bunx: { taking: '' },
  uvx: { taking: 'p', takingLong: ['from', 'with', 'python'] },
  npm: { taking: '', command: /^(?:exec|x)$/ },
  pnpm: { taking: '', command: /^(?:exec|dlx)$/ },
  yarn: { taking: '', command: /^(?:exec|dlx|run)$/ },
  pipx: { taking: '', takingLong: ['spec', 'python'], command: /^run$/ },
  poetry: { taking: '', command: /^run$/ },
  uv: { taking: '', takingLong: ['with', 'python', 'group'], command: /^run$/ },
  bundle: { taking: '', command: /^exec$/ },
};

/** How many programs may run each other. */
const DEPTH_LIMIT = 8;

/** A call, and the calls behind the programs that run others: `sudo -u clerk timeout 5 tiffin box`, `find . -exec tiffin {} \;`. */
export function wrapped(words: CallWords): FoundCall[] {
  const calls: FoundCall[] = [];
  let rest = words;
  let isOpen = false;
  for (let depth = 0; depth < DEPTH_LIMIT && rest.length > 0; depth++) {
    calls.push({ words: rest, calledAt: undefined, isOpen });
    isOpen ||= baseName(rest[0]) === 'xargs';
    const inner = behindWrapper(rest) ?? behindExec(rest) ?? behindInterpreter(rest);
    if (inner === undefined) break;
    rest = inner;
  }
  return calls;
}

function behindWrapper(words: CallWords): CallWords | undefined {
  const name = baseName(words[0]);
  const wrapper = Object.hasOwn(WRAPPERS, name) ? WRAPPERS[name] : undefined;
  if (wrapper === undefined) return undefined;
  // `command -v tiffin` asks where it is, and runs nothing.
  if (name === 'command' && /^-[a-zA-Z]*[vV]/.test(words[1]?.text ?? '')) return undefined;
  const { command } = wrapper;
  if (command !== undefined && !command.test(words[1]?.text ?? '')) return undefined;
  let at = command === undefined ? 1 : 2;
  for (; at < words.length; at++) {
    const text = words[at]?.text ?? '';
    if (text === '--') {
      at++;
      break;
    }
    // `env BOX=3 tiffin`, `sudo BOX=3 tiffin`
    if (/^[A-Za-z_]\w*=/.test(text)) continue;
    if (!/^-./.test(text)) break;
    if (takesNext(text, wrapper)) at++;
  }
  return words.slice(at + (wrapper.operands ?? 0));
}

/** Whether an option of a wrapper takes the word behind it. */
function takesNext(text: string, { taking, takingLong = [] }: Wrapper): boolean {
  if (text.startsWith('--')) return takingLong.includes(text.slice(2));
  const letters = [...text.slice(1)];
  const first = letters.findIndex((letter) => taking.includes(letter));
  return first >= 0 && first === letters.length - 1;
}

/** Programs that run others, which are given as a file. */
const INTERPRETER = /^(?:python|php|perl|ruby|node|deno|bun|tclsh|lua|bash|sh|zsh|dash|ksh)[\d.]*$/;

/** The ending of the name of such a file. */
const ENDING = /(?<=\w)\.(?:py|php|pl|rb|[cm]?[jt]s|tcl|lua|sh)$/;

/** `php bin/tiffin box`, `python3 -m tiffin box`: what is run goes by the name of the file or the module. */
function behindInterpreter(words: CallWords): CallWords | undefined {
  const name = baseName(words[0]);
  if (!INTERPRETER.test(name)) return undefined;
  const at = words.findIndex(({ text }, i) => i > 0 && !/^-./.test(text));
  const [script] = words.slice(at);
  const options = words.slice(1, at).map(({ text }) => text);
  const isModule = options.includes('-m') && name.startsWith('python');
  // Behind `-c` and `-e` stands a program, and no file.
  if (
    at < 0 ||
    script?.isLiteral !== true ||
    (!isModule && options.some((text) => /^-[a-z]*[cem]/.test(text)))
  )
    return undefined;
  const text = script.text.replace(ENDING, '');
  return [{ ...script, text, literalStart: text.length }, ...words.slice(at + 1)];
}

/** `find ... -exec tiffin box {} \;` */
function behindExec(words: CallWords): CallWords | undefined {
  if (!/^(?:find|fd)$/.test(baseName(words[0]))) return undefined;
  const at = words.findIndex(({ text }) => /^-(?:exec|ok)(?:dir)?$/.test(text));
  if (at < 0) return undefined;
  const end = words.findIndex(({ text }, i) => i > at && (text === ';' || text === '+'));
  return words
    .slice(at + 1, end < 0 ? undefined : end)
    .map(
      (word): CallWord =>
        word.text.includes('{}')
          ? { ...word, isLiteral: false, literalStart: word.text.indexOf('{}') }
          : word,
    );
}

/** The name of what a word runs, without folders. */
export function baseName(word: CallWord | undefined): string {
  const text = word?.isLiteral === true ? word.text : '';
  return text.slice(text.lastIndexOf('/') + 1);
}
