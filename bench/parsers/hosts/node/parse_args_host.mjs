// parseArgs of Node.js; the loose variant is not strict.
import { parseArgs } from 'node:util';
import { refuse, show, variant, words } from './probe.mjs';

const options = {
  all: { type: 'boolean', short: 'a' },
  brief: { type: 'boolean', short: 'b' },
  output: { type: 'string', short: 'o' },
  outline: { type: 'boolean' },
  'dry-run': { type: 'boolean', short: 'n' },
};
try {
  const { values, positionals } = parseArgs({
    args: words,
    options,
    allowPositionals: true,
    strict: variant !== 'loose',
  });
  const { all, brief, outline, 'dry-run': dry, output } = values;
  show({ all, brief, outline, 'dry-run': dry }, { output }, positionals);
} catch (mistake) {
  refuse(mistake);
}
