import { guideline12 } from '../../conformance/posix/guideline-12.ts';
import { conformanceCheck } from '../conformance-check.ts';

/** Nothing says in which order the operands come, as a finding of its row in the table. */
export const operandOrderUnsaid = conformanceCheck(guideline12, {
  name: 'posix/operand-order-unsaid',
  title: 'Nothing says in which order the operands come',
  why: 'With two operands in the wrong order the program does something, but rarely what was meant: the source becomes the target.',
  needs: ['help output that lists operands'],
  examples: {
    wrong:
      'Usage: tiffin [-q] ARGUMENTS...\n\nArguments:\n  FROM  the quay they leave\n  TO    the quay they go to\n\nOptions:\n  -q  say nothing\n',
    right:
      'Usage: tiffin [-q] FROM TO\n\nArguments:\n  FROM  the quay they leave\n  TO    the quay they go to\n\nOptions:\n  -q  say nothing\n',
    nearMiss:
      'Usage: tiffin [-q] ARGUMENTS...\n\nArguments:\n  FROM  the quay they leave\n\nOptions:\n  -q  say nothing\n',
  },
  fix: 'show the operands in order in a usage line',
});
