import { bugAddress } from '../../conformance/gnu/bug-address.ts';
import type { Rule } from '../../conformance/rule.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Other programs need no address: the row is judged for a finding only where GNU is claimed. */
const whereClaimed: Rule = {
  ...bugAddress,
  judge: (view) =>
    view.claims('gnu')
      ? bugAddress.judge(view)
      : { standing: 'not judged', count: 0, evidence: '', instances: [] },
};

/** The help gives no address for bugs, as a finding of its row in the table. */
export const bugAddressMissing = conformanceCheck(whereClaimed, {
  name: 'gnu/bug-address-missing',
  level: 'warning',
  title: 'The help gives no address for bugs',
  why: 'People who find a bug in a GNU program look for the address at the end of its help, and give up if it is not there.',
  needs: ['help output of a program that claims to follow GNU'],
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\nread-from: help\nclaims: [gnu]\noptions: {--help: print this help}\n',
    right:
      'dabbawala: 1\nprogram: tiffin\nread-from: help\nclaims: [gnu]\noptions: {--help: print this help}\nbug-address: the office on the north quay\n',
    nearMiss: 'Usage: tiffin [OPTION]...\n\n  --help  print this help\n',
  },
  fix: "end the help with 'Report bugs to: ADDRESS'",
});
