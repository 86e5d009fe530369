// Truths about what libraries print, kept between runs for as long as the generator and the hosts stay as they are.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../../scripts/setup.mjs';
import { makeDeclaration } from './declaration.mjs';
import { buildHost, printedBy } from './hosts.mjs';
import { reduced } from './reduce.mjs';
import { ownNames } from './score.mjs';
import { truthsOf } from './truths.mjs';

const KEPT = join(root, 'node_modules/.cache/dabbawala-printers/truths');

/** The files that truths come from: all of the generator's, and the hosts of a language. */
function sources(language) {
  const hosts = join(import.meta.dirname, 'hosts');
  const folder = { rust: 'rust/src' }[language] ?? language;
  const files = [
    ...readdirSync(import.meta.dirname).filter(
      (name) =>
        !/^(score|alarms|table|run|install|truth-store|libraries|languages|floors|choices|axes)\./.test(name),
    ),
    ...readdirSync(join(hosts, folder), { recursive: true }).map((name) => join('hosts', folder, name)),
  ];
  return files
    .map((name) => join(import.meta.dirname, name))
    .filter((path) => statSync(path).isFile())
    .sort();
}

/** `{truths, omitted, own}` about a library's prints of the first declarations of a seed; or `{wrong}`. */
export function truthsFor(library, seed, each) {
  const hash = createHash('sha256').update(`${seed} ${each} ${JSON.stringify(library)}`);
  for (const path of sources(library.language)) hash.update(readFileSync(path));
  const file = join(KEPT, `${library.name}-${hash.digest('hex').slice(0, 16)}.json`);
  const made = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : makeTruths(library, seed, each);
  if (made.wrong !== undefined) return made;
  mkdirSync(KEPT, { recursive: true });
  writeFileSync(file, JSON.stringify(made));
  return { ...made, own: ownNames(made.plain) };
}

function makeTruths(library, seed, each) {
  const wrong = buildHost(library);
  if (wrong !== undefined) return { wrong: `its host does not build: ${wrong}` };
  const declarations = Array.from({ length: each }, (_, i) => reduced(makeDeclaration(seed, i), library));
  const print = (some) => printedBy(library, some);
  const plain = print([plainDeclaration(library)]).flatMap((helps) => [...helps.values()]);
  return { ...truthsOf(declarations, print), plain };
}

/** A declaration of next to nothing: what its help holds beside it, the library adds. */
function plainDeclaration(library) {
  const bare = (name, commands) => ({ names: [name], summary: 'zzz', options: [], operands: [], commands });
  const commands = [bare('zzzb', [bare('zzzc', [])]), bare('zzzd', [])];
  const plain = { program: 'zzza', version: '0', summary: 'zzz', epilogue: '', width: 80 };
  return reduced({ ...plain, root: bare('zzza', commands) }, library);
}
