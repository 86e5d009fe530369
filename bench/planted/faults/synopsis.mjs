// The synopsis and the lists below it say different things.

import { synopsisLines } from '../../printers/hosts/node/by_hand/synopsis.mjs';
import { hasArgument, hasLetter, isFlag, oneOf, optionWhere } from '../choosing.mjs';

/** Changes what the synopsis shows, and not the lists. */
function synopsisOf(from, command) {
  const { style, width, root } = from;
  root.synopses = synopsisLines(style, '--', root.path, command, width);
}

const showsOptions = ({ style, root }) =>
  style['usage options'] === 'each by itself' && root.commands.length === 0;

export const SYNOPSIS_FAULTS = {
  'an option that the list has not': (from) => {
    if (!showsOptions(from)) return undefined;
    const extra = { ...from.root.options[0], short: '', long: 'gangway', presence: 'none' };
    synopsisOf(from, { ...from.root, options: [...from.root.options, extra] });
    return ['--gangway'];
  },
  'an option that the synopsis has not': (from, random) => {
    if (!showsOptions(from) || from.root.options.length < 4) return undefined;
    const option = optionWhere(from, random);
    synopsisOf(from, { ...from.root, options: from.root.options.filter((one) => one !== option) });
    return [`--${option.long}`];
  },
  'a flag with an argument in the synopsis': (from, random) => {
    if (!showsOptions(from)) return undefined;
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    const changed = { ...option, presence: 'mandatory', placeholder: 'WORD' };
    synopsisOf(from, {
      ...from.root,
      options: from.root.options.map((one) => (one === option ? changed : one)),
    });
    return [`--${option.long}`, `-${option.short}`];
  },
  'an argument that the synopsis has not': (from, random) => {
    if (!showsOptions(from)) return undefined;
    const option = optionWhere(from, random, hasArgument);
    if (option === undefined) return undefined;
    const changed = { ...option, presence: 'none', values: [] };
    synopsisOf(from, {
      ...from.root,
      options: from.root.options.map((one) => (one === option ? changed : one)),
    });
    return [`--${option.long}`, `-${option.short}`];
  },
  'another placeholder in the synopsis': (from, random) => {
    if (!showsOptions(from)) return undefined;
    const option = optionWhere(from, random, (one) => hasArgument(one) && one.values.length === 0);
    if (option === undefined) return undefined;
    const changed = { ...option, placeholder: 'THING' };
    synopsisOf(from, {
      ...from.root,
      options: from.root.options.map((one) => (one === option ? changed : one)),
    });
    return ['THING'];
  },
  'another letter in the synopsis': (from, random) => {
    if (!showsOptions(from)) return undefined;
    const option = optionWhere(from, random, hasLetter);
    if (option === undefined) return undefined;
    const changed = { ...option, short: 'y' };
    synopsisOf(from, {
      ...from.root,
      options: from.root.options.map((one) => (one === option ? changed : one)),
    });
    return ['-y'];
  },
  'an operand that the list has not': (from, random) => {
    if (from.root.operands.length === 0) return undefined;
    const extra = {
      ...from.root.operands[0],
      placeholder: random.pick(['GANGWAY', 'LADDER']),
      least: 1,
      most: 1,
    };
    synopsisOf(from, { ...from.root, operands: [extra, ...from.root.operands] });
    return [extra.placeholder];
  },
  'an operand that the synopsis has not': (from, random) => {
    const operand = oneOf(random, from.root.operands);
    if (operand === undefined || from.root.operands.length < 2) return undefined;
    synopsisOf(from, { ...from.root, operands: from.root.operands.filter((one) => one !== operand) });
    return [operand.placeholder];
  },
  'an option twice in the synopsis': (from, random) => {
    if (!showsOptions(from)) return undefined;
    const option = optionWhere(from, random, hasArgument);
    if (option === undefined) return undefined;
    synopsisOf(from, { ...from.root, options: [...from.root.options, option] });
    return [`--${option.long}`, `-${option.short}`];
  },
  'another program in the synopsis': (from) => {
    synopsisOf(from, { ...from.root, path: ['gangway'] });
    from.root.synopses = synopsisLines(from.style, '--', ['gangway'], from.root, from.width);
    return ['gangway'];
  },
  'an optional operand before a required one': (from) => {
    const { operands } = from.root;
    if (operands.length < 2 || operands.some(({ most }) => most < 0)) return undefined;
    operands[0].least = 0;
    operands[1].least = 1;
    return operands.map(({ placeholder }) => placeholder);
  },
  'two operands of any number': (from) => {
    const { operands } = from.root;
    if (operands.length < 2) return undefined;
    for (const operand of operands) operand.most = -1;
    return operands.map(({ placeholder }) => placeholder);
  },
};
