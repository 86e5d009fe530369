// What somebody outside writes: a check, its test, and an audit that runs it. `packed.test.ts` compiles and runs a copy beside the installed package.
import { audit, CATALOGUE, defineCheck, readHelp } from 'dabbawala';
import { assertCheck } from 'dabbawala/testing';

export const unfinished = defineCheck({
  name: 'house/unfinished-option',
  level: 'warning',
  title: 'an option is called beta',
  why: 'Callers begin to use it, and then nobody can rename it.',
  standard: 'practice',
  needs: ['the list of options'],
  examples: {
    wrong: 'Usage: tiffin [OPTION]\n\n  --beta-box   box\n',
    right: 'Usage: tiffin [OPTION]\n\n  --box   box\n',
    nearMiss: 'Usage: tiffin [OPTION]\n\n  --alphabet   box\n',
  },
  judge(view, report) {
    for (const { names, place } of view.interface.root.options.items)
      for (const { text } of names)
        if (text.startsWith('--beta'))
          report.finding({ command: ['tiffin'], subject: text, data: { name: text }, place });
  },
  message: ({ name }: { name: string }) => `'${name}' is not finished`,
  fix: () => 'finish it',
});

assertCheck(unfinished, { message: "'--beta-box' is not finished" });
const { interface: cli } = readHelp({ name: 'help', text: unfinished.examples.wrong });
const { findings } = audit(cli === undefined ? [] : [cli], { checks: [...CATALOGUE, unfinished] });
for (const finding of findings)
  if (finding.check === 'house/unfinished-option') process.stdout.write(`${finding.data.name}\n`);
