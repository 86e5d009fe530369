import mri from 'mri';
import { show, words } from './probe.mjs';

const {
  all,
  brief,
  outline,
  'dry-run': dry,
  output,
  _,
} = mri(words, {
  boolean: ['all', 'brief', 'outline', 'dry-run'],
  string: ['output'],
  alias: { a: 'all', b: 'brief', o: 'output', n: 'dry-run' },
});
show({ all, brief, outline, 'dry-run': dry }, { output }, _);
