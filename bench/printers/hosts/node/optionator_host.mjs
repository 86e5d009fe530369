import optionator from 'optionator';
import { interfaces, show } from './declared.mjs';

const TYPES = { text: 'String', file: 'path::String', integer: 'Int', number: 'Number' };

for (const one of interfaces()) {
  const options = [];
  let heading = '';
  for (const option of one.root.options) {
    if (option.heading !== heading && option.heading !== '') options.push({ heading: option.heading });
    heading = option.heading;
    const isRepeated = option.flags.includes('repeated');
    options.push({
      option: option.long,
      alias: [...(option.short === '' ? [] : [option.short]), ...option.aliases],
      type:
        option.presence === 'none' ? 'Boolean' : isRepeated ? `[${TYPES[option.type]}]` : TYPES[option.type],
      enum: option.values.length > 0 ? option.values : undefined,
      default: option.default || undefined,
      required: option.flags.includes('required'),
      description: option.help,
    });
  }
  const operands = one.root.operands.map(({ placeholder }) => placeholder).join(' ');
  const made = optionator({
    prepend: `Usage: ${one.program} [options] ${operands}`.trimEnd(),
    append: one.epilogue || undefined,
    options,
    helpStyle: { maxPadFactor: 1.5 },
  });
  show(one, [], `${made.generateHelp({ stdoutColumns: one.width })}\n`);
}
