import arg from 'arg';
import { refuse, show } from './probe.mjs';

try {
  const found = arg({
    '--all': Boolean,
    '-a': '--all',
    '--brief': Boolean,
    '-b': '--brief',
    '--output': String,
    '-o': '--output',
    '--outline': Boolean,
    '--dry-run': Boolean,
    '-n': '--dry-run',
  });
  const {
    '--all': all,
    '--brief': brief,
    '--outline': outline,
    '--dry-run': dry,
    '--output': output,
    _,
  } = found;
  show({ all, brief, outline, 'dry-run': dry }, { output }, _);
} catch (mistake) {
  refuse(mistake);
}
