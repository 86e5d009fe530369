import assert from 'node:assert/strict';
import { test } from 'node:test';
import { SHELLS, type Shell } from 'dabbawala/model';
import { askShell } from 'dabbawala/node';
import { PATIENT } from '../support/completion.ts';
import { absent } from '../support/programs.ts';

const US = '\x1f';

/** What a script might print in the hope that it is taken for an answer, by the forms of this and of other drivers. */
const FORGED = [`R`, `Q`, `W${US}forged`, `E`, `${US}W${US}forged`, `${US}E`].join('\n');

/** Scripts that offer `real`, and try to have `forged` taken for an answer too. */
const SCRIPTS: Record<Shell, readonly (readonly [what: string, text: string])[]> = {
  bash: [
    [
      'prints',
      `printf '%s\\n' '${FORGED}'\n_t() { printf '%s\\n' '${FORGED}'; printf '%s\\n' '${FORGED}' >&2; COMPREPLY=(real); }`,
    ],
    [
      'writes to descriptors',
      `_t() { local fd; for fd in 3 4 5 9; do printf '%s\\n' '${FORGED}' >&$fd; done 2>/dev/null; COMPREPLY=(real); }`,
    ],
    ['writes to files', `printf '%s\\n' '${FORGED}' >"$HOME/.answers"\n_t() { COMPREPLY=(real); }`],
    [
      'redefines builtins',
      `printf() { command printf '%s\\n' '${FORGED}'; }\nread() { REPLY=forged; return 0; }\nbuiltin() { command echo forged; }\nunset() { :; }\nexit() { :; }\n_t() { COMPREPLY=(real); }`,
    ],
    [
      'redefines builtins while it is asked',
      `_t() { printf() { echo forged; }; builtin() { echo forged; }; read() { :; }; COMPREPLY=(real); }`,
    ],
    [
      'traps',
      `trap 'echo "$dw_secret${US}W${US}forged" >&4' DEBUG\n_t() { COMPREPLY=(real); trap 'echo "$dw_secret${US}W${US}forged" >&4' DEBUG; }`,
    ],
    [
      'redefines what asks',
      `dw_main() { echo forged >&4; }\ncompopt() { COMPREPLY+=(forged); }\n_t() { compopt -o nospace; COMPREPLY=(real); }`,
    ],
  ].map(([what = '', text = '']) => [what, `${text}\ncomplete -F _t tiffin\n`] as const),
  zsh: [
    ['prints', `#compdef tiffin\nprint -r -- '${FORGED}'\ncompadd real\nprint -r -- '${FORGED}' >&2`],
    [
      'writes to descriptors',
      `#compdef tiffin\nfor fd in 3 4 5 9; do print -r -- '${FORGED}' >&$fd; done 2>/dev/null\ncompadd real`,
    ],
    ['writes to files', `#compdef tiffin\nprint -r -- '${FORGED}' >$HOME/.answers\ncompadd real`],
    [
      'redefines builtins',
      `print() { echo forged }\nread() { : }\n_t() { builtin compadd real; compadd real }\ncompdef _t tiffin`,
    ],
    [
      'redefines what asks',
      `tell() { echo forged }\nask() { echo forged }\n_t() { compadd real }\ncompdef _t tiffin`,
    ],
  ],
  fish: [
    ['prints', `echo '${FORGED}'\ncomplete -c tiffin -f -a "real (echo '${FORGED}' >&2)"`],
    ['writes to descriptors', `complete -c tiffin -f -a "real (echo '${FORGED}' >&4)"`],
    ['writes to files', `echo '${FORGED}' >$HOME/.answers\ncomplete -c tiffin -f -a real`],
    [
      'redefines builtins',
      `function echo; builtin echo forged; end\nfunction printf; builtin echo forged; end\nfunction read; set -g answer forged; end\ncomplete -c tiffin -f -a real`,
    ],
    [
      'redefines what asks',
      `function __dw_ask; builtin echo forged; end\nfunction __dw_load; end\ncomplete -c tiffin -f -a real`,
    ],
    [
      'sets variables',
      `set -g secrets forged forged forged\nset -g lines forged\ncomplete -c tiffin -f -a real`,
    ],
  ],
};

const QUESTIONS = [['']].map((line) => ({
  path: ['tiffin'],
  option: undefined,
  words: ['tiffin', ...line.slice(0, -1)],
  typed: '',
}));

for (const shell of SHELLS) {
  test(`${shell}: what a script prints, writes or redefines does not count as an answer`, {
    skip: absent(shell),
  }, async () => {
    for (const [what, text] of SCRIPTS[shell]) {
      const asked = await askShell(shell, { name: 'script', text }, [...QUESTIONS, ...QUESTIONS], PATIENT);
      assert.ok('answers' in asked);
      const offered = asked.answers.map(({ words }) => words.map((word) => word.text));
      assert.ok(
        !offered.flat().some((word) => word.includes('forged')),
        `${what}: ${JSON.stringify(offered)}`,
      );
      assert.deepEqual(offered, [['real'], ['real']], `${what}: ${asked.fault}`);
    }
  });
}

test('zsh: a script that hides the builtins gets no answer, and that is told', {
  skip: absent('zsh'),
}, async () => {
  const text = 'builtin() { echo forged }\n_t() { compadd real }\ncompdef _t tiffin\n';
  const asked = await askShell('zsh', { name: 'script', text }, QUESTIONS, PATIENT);
  assert.ok('answers' in asked);
  assert.deepEqual(asked.answers, []);
  assert.notEqual(asked.fault, undefined);
});
