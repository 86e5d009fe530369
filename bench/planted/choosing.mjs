// What the faults choose from.

/** An option of the root that a predicate holds for; undefined where there is none. */
export function optionWhere(from, random, holds = () => true) {
  return oneOf(random, from.root.options.filter(holds));
}

export function oneOf(random, list) {
  return list.length === 0 ? undefined : random.pick(list);
}

export const isFlag = ({ presence }) => presence === 'none';
export const hasValues = ({ values }) => values.length > 0;
export const isNumber = ({ type }) => type === 'integer';
export const hasArgument = ({ presence }) => presence !== 'none';
export const hasLetter = ({ short }) => short !== '';

/** How a text may call an option. */
export function spoken(random, { short, long }) {
  return short !== '' && random.once(3) ? `-${short}` : `--${long}`;
}

/** A word with one mistake in it, as fingers make them: two letters exchanged, one left out, one twice. */
export function misspelt(random, word) {
  const at = 1 + random.below(Math.max(1, word.length - 2));
  const made = random.pick([
    word.slice(0, at) + (word[at + 1] ?? '') + word[at] + word.slice(at + 2),
    word.slice(0, at) + word.slice(at + 1),
    word.slice(0, at) + word[at] + word.slice(at),
  ]);
  return made === word ? `${word}x` : made;
}

/** A command that has examples, the root or one below it. */
export function exampled(from, random, holds = () => true) {
  const able = [from.root, ...from.root.commands].filter(
    (command) => command.commands.length === 0 && holds(command),
  );
  return oneOf(random, able);
}
