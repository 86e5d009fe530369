// What a parser answers to all questions.
import { asking } from './host.mjs';
import { addedWords, messages, QUESTIONS } from './questions.mjs';

/** The facts of a parser, as its host showed them: `rules`, those of the model; `added`, options and commands of its own; `messages`. */
export async function measure(parser) {
  const { can } = parser;
  const ask = asking(parser);
  const about = { can, ask, long: (name) => `${can.has('hyphen') ? '-' : '--'}${name}` };
  const rules = {};
  for (const [rule, question] of Object.entries(QUESTIONS)) {
    const value = await question(about);
    if (value !== undefined) rules[rule] = value;
  }
  const program = programOf(parser);
  return { rules, added: await addedWords(about), messages: await messages({ ...about, rules, program }) };
}

/** What a message calls the program: the host by its path, its file, or the name that it gives itself. */
function programOf({ name, host }) {
  const file = host.replaceAll('.', '\\.');
  return new RegExp(
    `[^\\s'"]*/${file}(?:\\[\\d+\\]|:\\d+|:\\w+:\\d+| \\(line \\d+\\))?|[^\\s'"]*dabbawala-parsers/[\\w./-]+|\\bprobe\\b|^${name}(?=:)`,
    'g',
  );
}
