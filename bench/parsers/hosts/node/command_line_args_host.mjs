import commandLineArgs from 'command-line-args';
import { refuse, show } from './probe.mjs';

try {
  const { output, file, ...flags } = commandLineArgs([
    { name: 'all', alias: 'a', type: Boolean },
    { name: 'brief', alias: 'b', type: Boolean },
    { name: 'output', alias: 'o', type: String },
    { name: 'outline', type: Boolean },
    { name: 'dry-run', alias: 'n', type: Boolean },
    { name: 'file', type: String, multiple: true, defaultOption: true },
  ]);
  show(flags, { output }, file);
} catch (mistake) {
  refuse(mistake);
}
