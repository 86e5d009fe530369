import { programInstance } from '../name-instances.ts';
import { notJudged, type Rule } from '../rule.ts';

export const bugAddress: Rule = {
  standard: 'gnu',
  section: '4.8.2',
  label: 'bug address',
  asks: 'the help ends with an address for bugs',
  judge(view) {
    const { bugAddress: address, root } = view.interface;
    if (address !== undefined)
      return {
        standing: 'meets',
        count: 1,
        evidence: 'an address is given',
        instances: [],
      };
    if (!root.described) {
      return notJudged("what the program's own help output shows", "give the program's own help output too");
    }
    if (!view.isHelp(root.place)) {
      return notJudged(
        'where bugs are reported',
        "say it by the key 'bug-address' of the interface document",
      );
    }
    return {
      standing: 'departs',
      count: 1,
      evidence: 'the help output gives none',
      instances: [programInstance(view, view.interface.program.place)],
    };
  },
};
