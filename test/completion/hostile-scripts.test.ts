import assert from 'node:assert/strict';
import { test } from 'node:test';
import { readCompletion } from 'dabbawala';
import { SHELLS } from 'dabbawala/model';

/** A function that is its own action, in branches that lead to it again. */
const ITSELF = `#compdef tiffin
_tiffin() {
  _arguments '1:box:_tiffin' '2:box:_tiffin' '3:box:_tiffin' '4:box:_tiffin' '--late:when:_tiffin' '*:box:_tiffin'
  case $words[1] in
    a) _tiffin ;;
    b) _tiffin ;;
    c) _tiffin ;;
  esac
}
_tiffin "$@"
`;
const LOOPS = `${'for x in a b\n'.repeat(24)}complete -c tiffin -a x\n${'end\n'.repeat(24)}`;
const DOUBLED = `set x ${'word '.repeat(50)}\n${'set x $x $x\nset y "$x$x"\n'.repeat(40)}complete -c tiffin -a "$x"\n`;
const BRACES = `complete -c tiffin -a ${'{a,b}'.repeat(5000)}\n#compdef tiffin\n_arguments ${'{a,b}'.repeat(5000)}\n`;

/** Texts that made a reader hang or overflow its stack, or might. */
const TEXTS: readonly (readonly [what: string, text: string])[] = [
  ['a form feed', '\f'],
  ['a no-break space', 'complete -c tiffin\u00a0-a x\n'],
  ['substitutions in quotes', '"$('.repeat(6000)],
  ['blocks', 'begin\n'.repeat(60_000)],
  ['branches', 'if true\n'.repeat(60_000)],
  ['functions', 'f() {\n'.repeat(60_000)],
  ['coprocesses', 'coproc '.repeat(60_000)],
  ['braces', '{'.repeat(60_000)],
  ['brackets', '('.repeat(60_000)],
  ['expansions', '${'.repeat(60_000)],
  ['commas in braces', '{a,'.repeat(60_000)],
  ['cases', 'case $x in a) '.repeat(20_000)],
  ['ends of blocks', 'end\n'.repeat(60_000)],
  ['a function that is its own action', ITSELF],
  ['loops in loops', LOOPS],
  ['variables that double', DOUBLED],
  ['braces that multiply', BRACES],
  [
    'a function that calls itself',
    `_tiffin() {\n${'case $x in a) _tiffin ;; b) _tiffin ;; esac\n'.repeat(20)}}\ncomplete -F _tiffin tiffin\n`,
  ],
  ['a list that grows', `${'x+=(a b c)\n'.repeat(20_000)}complete -W "$x" tiffin\n`],
];

for (const shell of SHELLS) {
  test(`${shell}: scripts that nest, loop and multiply end with a result`, () => {
    for (const [what, text] of TEXTS) {
      const { commands, unread } = readCompletion({ name: 'script', text }, shell, 'tiffin');
      assert.ok(commands.length > 0, what);
      for (const { place } of unread) assert.ok(place === null || place.end <= text.length, what);
    }
  });
}

test('what is not followed to its end is told', () => {
  const told = (shell: (typeof SHELLS)[number], text: string) =>
    readCompletion({ name: 'script', text }, shell, 'tiffin').unread.map(({ what }) => what);
  assert.ok(told('fish', LOOPS).includes('the rest, which does too much to follow'));
  assert.ok(told('bash', 'f() {\n'.repeat(60_000)).includes('a part that nests too deep to follow'));
  assert.ok(told('zsh', BRACES).includes('a word that expands to too many to follow'));
});
