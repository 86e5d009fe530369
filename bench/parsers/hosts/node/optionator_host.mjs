import optionator from 'optionator';
import { refuse, show } from './probe.mjs';

const flag = (option, alias) => ({ option, alias, type: 'Boolean', description: option });
try {
  const { all, brief, outline, dryRun, output, mode, _ } = optionator({
    options: [
      flag('all', 'a'),
      flag('brief', 'b'),
      { option: 'output', alias: 'o', type: 'String', description: 'output' },
      { option: 'outline', type: 'Boolean', description: 'outline' },
      { option: 'mode', type: 'String', enum: ['fast', 'slow', 'sleepy'], description: 'mode' },
      flag('dry-run', 'n'),
    ],
  }).parse(process.argv);
  show({ all, brief, outline, 'dry-run': dryRun }, { output, mode }, _);
} catch (mistake) {
  refuse(mistake);
}
