// Writes docs/reference/ from the doc comments of what each entry point exports. With a folder as its only word, there instead. Public names and members
// without a doc comment are an error, but for the data of single checks, which their messages are made from.
import { spawnSync } from 'node:child_process';
import { createRequire } from 'node:module';
import { dirname, join, resolve } from 'node:path';
import { fail, root } from './setup.mjs';

const workspace = join(root, 'reference');
const maker = dirname(createRequire(join(workspace, 'package.json')).resolve('typedoc/package.json'));
const out = resolve(process.argv[2] ?? join(root, 'docs/reference'));

const { status, stdout, stderr } = spawnSync(process.execPath, [join(maker, 'bin/typedoc'), '--out', out], {
  cwd: workspace,
  encoding: 'utf8',
});
const messages = `${stdout}${stderr}`;
if (status !== 0) fail(`the reference could not be made:\n${messages}`);
const bare = messages
  .split('\n')
  .filter((line) => line.includes('does not have any documentation'))
  // The types of the checks hold their data, one shape for each.
  .filter((line) => !/\bCATALOGUE\.__type\.|\baudit\.Checks\.__type\./.test(line));
if (bare.length > 0) fail(`without a doc comment:\n${bare.join('\n')}`);
