// Generated interfaces: seeded, rich in what parsers can declare. What a library cannot is taken away later (`reduce.mjs`).
import { Random } from '../random.mjs';
import { makeSummary, makeText } from './texts.mjs';
import { MATTERS, PROGRAMS, QUALITIES, SYLLABLES, THINGS, VALUES, VERBS } from './words.mjs';

/** Columns of the terminals that help is printed for. */
export const WIDTHS = [60, 80, 120];

/** One text in so many imitates the notation of a printer. */
const IMITATING = 16;

/** Letters and names that libraries take for themselves. */
const TAKEN = ['h', 'V', 'v', 'help', 'version', 'completion'];

const HEADINGS = ['Output', 'Selection of boxes', 'Network options', 'Advanced'];

/**
 * The declaration of an interface: `{program, version, summary, epilogue, width, root}`. A command is `{names, summary, hidden, heading,
 * options, operands, commands}`; an option `{short, long, aliases, argument, required, repeated, hidden, deprecated, negatable,
 * environment, heading, help, imitates}`; its argument `{presence, placeholder, type, values, default, range}`; an operand
 * `{placeholder, least, most, values, default, help, imitates}`, where `most` is -1 for any number. What is undefined is not declared.
 */
export function makeDeclaration(seed, index) {
  const random = new Random(seed, index);
  const style = {
    upperOperands: !random.once(3),
    valueTexts: random.once(3),
    richness: 2 + random.below(4),
  };
  const maker = new Maker(random, style, random.pick(PROGRAMS));
  const depth = [0, 0, 0, 0, 1, 1, 1, 2, 2, 3][random.below(10)];
  return {
    program: maker.program,
    version: `${random.below(9)}.${random.below(20)}`,
    summary: makeSummary(random),
    epilogue: random.once(4) ? 'Report mistakes to the office on the north quay.' : '',
    width: WIDTHS[index % WIDTHS.length],
    root: maker.command([maker.program], depth, random.pick([2, 5, 10, 20, 60])),
  };
}

class Maker {
  #random;
  #style;
  #made = new Set();

  constructor(random, style, program) {
    this.#random = random;
    this.#style = style;
    this.program = program;
  }

  command(names, depth, mostOptions) {
    const random = this.#random;
    const taken = new Set(TAKEN);
    const headings = random.once(3) ? HEADINGS.slice(0, 1 + random.below(3)) : [];
    const optionNames = Array.from({ length: 1 + random.below(mostOptions) }, () => this.#optionNames(taken));
    const spoken = optionNames.map(({ short, long }) => (long === undefined ? `-${short}` : `--${long}`));
    const options = optionNames.map((one) => this.#option(one, spoken, headings));
    const commands = depth === 0 ? [] : this.#commands(depth);
    return {
      names,
      summary: makeSummary(random),
      hidden: false,
      heading: undefined,
      options,
      operands: commands.length > 0 ? [] : this.#operands(spoken),
      commands,
    };
  }

  #commands(depth) {
    const random = this.#random;
    const taken = new Set(TAKEN);
    return Array.from({ length: 2 + random.below(depth === 1 ? 10 : 4) }, () => {
      const name = this.#fresh(taken, () => {
        const verb = random.pick(VERBS);
        return random.once(3) ? `${verb}-${random.pick(THINGS)}` : random.pick([verb, random.pick(THINGS)]);
      });
      const names = [name];
      if (random.once(5)) names.push(this.#fresh(taken, () => this.#unlike(2)));
      const made = this.command(names, random.once(2) ? depth - 1 : 0, 6);
      made.hidden = random.once(25);
      return made;
    });
  }

  /** A name that was not given yet in one place. */
  #fresh(taken, make) {
    for (;;) {
      const name = make();
      if (taken.has(name)) continue;
      taken.add(name);
      return name;
    }
  }

  /** A made-up word that the interface does not hold yet: its literal tells whether a fact is printed. */
  #unlike(syllables) {
    return this.#fresh(this.#made, () =>
      Array.from({ length: syllables }, () => this.#random.pick(SYLLABLES)).join(''),
    );
  }

  /** A number that the interface does not hold yet. */
  #number() {
    return this.#fresh(this.#made, () => 100 + this.#random.below(9000));
  }

  #optionNames(taken) {
    const random = this.#random;
    const long = this.#fresh(taken, () => {
      const first = random.pick([MATTERS, QUALITIES, VERBS, THINGS][random.below(4)]);
      if (random.once(2)) return first;
      const second = `${first}-${random.pick(THINGS)}`;
      return random.once(3) ? `${second}-${random.pick(MATTERS)}` : second;
    });
    const letters = [...long[0], ...long[0].toUpperCase(), ...'abcdefgijklmnopqrstuwxyzABCDEFGHIJKLMN'];
    const letter = random.once(3) ? undefined : letters.find((one) => !taken.has(one));
    if (letter !== undefined) taken.add(letter);
    const isShortOnly = letter !== undefined && random.once(12);
    const aliases = isShortOnly || !random.once(15) ? [] : [this.#fresh(taken, () => this.#unlike(3))];
    return { short: letter, long: isShortOnly ? undefined : long, aliases };
  }

  #option(names, spoken, headings) {
    const random = this.#random;
    const rich = () => random.once(3 * (6 - this.#style.richness));
    const argument = random.once(2) ? this.#argument(names.long ?? random.pick(MATTERS)) : undefined;
    const imitates = random.once(IMITATING);
    const isRequired = argument !== undefined && argument.default === undefined && rich();
    return {
      ...names,
      argument,
      required: isRequired,
      repeated: argument?.presence === 'mandatory' && argument.default === undefined && rich(),
      hidden: !isRequired && random.once(30),
      deprecated: !isRequired && random.once(40),
      negatable: argument === undefined && names.long !== undefined && random.once(10),
      environment:
        names.long !== undefined && rich()
          ? `${this.program}_${names.long}`.replaceAll('-', '_').toUpperCase()
          : undefined,
      heading: headings.length > 0 && random.once(2) ? random.pick(headings) : undefined,
      help: makeText(random, spoken, imitates),
      imitates,
    };
  }

  #argument(name) {
    const random = this.#random;
    const type = random.pick(['text', 'text', 'text', 'integer', 'number', 'file']);
    const placeholder = this.#placeholder(name, type);
    const presence = random.once(9) ? 'optional' : 'mandatory';
    const made = { presence, placeholder, type, values: undefined, default: undefined, range: undefined };
    if (type === 'text' && random.once(3)) return { ...made, ...this.#values() };
    if (type === 'integer' && random.once(4)) made.range = [1 + random.below(9), this.#number()];
    if (random.once(3)) made.default = this.#default(type, made.range);
    return made;
  }

  #placeholder(name, type) {
    const random = this.#random;
    const word = name.split('-').at(-1);
    const made = random.pick([
      word.toUpperCase(),
      word.toUpperCase(),
      { text: 'WORD', integer: 'N', number: 'NUM', file: 'FILE' }[type],
      `${random.pick(THINGS)}_${word}`.toUpperCase(),
    ]);
    return this.#style.upperOperands ? made : made.toLowerCase();
  }

  #values() {
    const random = this.#random;
    const taken = new Set();
    const values = Array.from({ length: 2 + random.below(5) }, () => ({
      value: this.#fresh(taken, () => random.pick(VALUES)),
      help: this.#style.valueTexts ? makeSummary(random) : '',
    }));
    return { values, default: random.once(3) ? random.pick(values).value : undefined };
  }

  #default(type, range) {
    if (type === 'integer') return String(range === undefined ? this.#number() : range[1] - 1);
    if (type === 'number') return `${this.#number()}.5`;
    return type === 'file' ? `/srv/${this.#unlike(3)}` : this.#unlike(3);
  }

  #operands(spoken) {
    const random = this.#random;
    const taken = new Set();
    const count = random.pick([0, 1, 1, 2, 2, 3, 4]);
    const requiredOnes = random.below(count + 1);
    return Array.from({ length: count }, (_, i) => {
      const name = this.#fresh(taken, () => random.pick(THINGS));
      const imitates = random.once(IMITATING);
      const isLast = i === count - 1;
      return {
        placeholder: this.#style.upperOperands ? name.toUpperCase() : name,
        least: i < requiredOnes ? 1 : 0,
        most: isLast && random.once(2) ? -1 : 1,
        values: random.once(10) ? this.#values().values : undefined,
        default: undefined,
        help: makeText(random, spoken, imitates),
        imitates,
      };
    });
  }
}
