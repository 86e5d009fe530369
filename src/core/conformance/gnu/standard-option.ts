import { nothingToJudge, notJudged, type Rule } from '../rule.ts';

/** The rule that a program has an option of this long name (`--help`, `--version`). */
export function standardOption(name: '--help' | '--version', section: string): Rule {
  return {
    standard: 'gnu',
    section,
    label: `${name.slice(2)} option`,
    asks: `the program supports ${name}`,
    judge(view) {
      const { root } = view.interface;
      const option = root.options.items.find((candidate) =>
        candidate.names.some(({ text }) => text === name),
      );
      if (option !== undefined)
        return {
          standing: 'meets',
          count: 1,
          evidence: `${name} is listed`,
          instances: [],
        };
      if (!root.described) {
        return notJudged(
          "what the program's own help output shows",
          "give the program's own help output too",
        );
      }
      if (root.options.complete?.value !== true) {
        return notJudged(
          'whether the list of options is complete',
          "if it is, say 'complete: true' in an interface document",
        );
      }
      // A parser without long names cannot have this one.
      const hasLong = root.options.items.some(({ names }) => names.some(({ form }) => form === 'long'));
      if (!hasLong && root.options.items.length > 0) return nothingToJudge('the program has no long options');
      const instance = {
        subject: name,
        command: [view.interface.program.value],
        place: root.place,
      };
      return {
        standing: 'departs',
        count: 1,
        evidence: `'${name}' is not among the options`,
        instances: [instance],
      };
    },
  };
}
