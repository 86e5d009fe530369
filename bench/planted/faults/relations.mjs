// What options say of each other, in prose.
import { isFlag, optionWhere } from '../choosing.mjs';

const EXCLUDES = [
  (name) => `; cannot be used with ${name}`,
  (name) => ` (not with ${name})`,
  (name) => `; conflicts with ${name}`,
  (name) => `. Mutually exclusive with ${name}.`,
  (name) => `; may not be combined with ${name}`,
  (name) => `; incompatible with ${name}`,
];
const REQUIRES = [
  (name) => `; requires ${name}`,
  (name) => ` (only with ${name})`,
  (name) => `; needs ${name}`,
  (name) => `; must be used with ${name}`,
  (name) => `; only valid with ${name}`,
  (name) => ` (ignored without ${name})`,
];

function two(from, random) {
  const one = optionWhere(from, random, isFlag);
  const other = optionWhere(from, random, (option) => isFlag(option) && option !== one);
  return other === undefined ? undefined : [one, other];
}

export const RELATION_FAULTS = {
  'requires what it excludes': (from, random) => {
    const found = two(from, random);
    if (found === undefined) return undefined;
    const [one, other] = found;
    one.help += random.pick(EXCLUDES)(`--${other.long}`);
    other.help += random.pick(REQUIRES)(`--${one.long}`);
    return [`--${other.long}`];
  },
  'implies what it excludes': (from, random) => {
    const found = two(from, random);
    if (found === undefined) return undefined;
    const [one, other] = found;
    one.help += `; implies --${other.long}`;
    other.help += random.pick(EXCLUDES)(`--${one.long}`);
    return [`--${other.long}`, `--${one.long}`];
  },
  'excludes itself': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.help += random.pick(EXCLUDES)(`--${option.long}`);
    return [`--${option.long}`];
  },
  'requires itself': (from, random) => {
    const option = optionWhere(from, random, isFlag);
    if (option === undefined) return undefined;
    option.help += random.pick(REQUIRES)(`--${option.long}`);
    return [`--${option.long}`];
  },
  'an example of two that exclude each other': (from, random) => {
    const found = two(from, random);
    if (found === undefined || from.root.commands.length > 0) return undefined;
    const [one, other] = found;
    one.help += random.pick(EXCLUDES)(`--${other.long}`);
    from.root.examples.push([
      `--${one.long}`,
      `--${other.long}`,
      ...from.root.operands.filter(({ least }) => least > 0).map(({ word }) => word),
    ]);
    return [`--${one.long}`];
  },
  'an example without what is required': (from, random) => {
    const found = two(from, random);
    if (found === undefined || from.root.commands.length > 0) return undefined;
    const [one, other] = found;
    one.help += random.pick(REQUIRES)(`--${other.long}`);
    from.root.examples.push([
      `--${one.long}`,
      ...from.root.operands.filter(({ least }) => least > 0).map(({ word }) => word),
    ]);
    return [`--${one.long}`];
  },
};
