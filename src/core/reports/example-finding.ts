import { AuditView } from '../audit-view.ts';
import type { Check } from '../checks/define-check.ts';
import type { Finding } from '../findings/finding.ts';
import { MisuseError } from '../messages/misuse-error.ts';
import { extendInterface } from '../model/extend.ts';
import type { Interface } from '../model/interface.ts';
import type { Inventory } from '../model/inventory.ts';
import { joinInterfaces } from '../model/join.ts';
import { detectShell, readCompletion } from '../readers/completion/read-completion.ts';
import { readSource } from '../readers/read-source.ts';
import { STANDARD_WORDS } from '../words/word-lists.ts';

/** What a check says of its own wrong example. */
export function exampleFinding(check: Check): Finding {
  const { wrong, extension, beside } = check.examples;
  const own = readExample(check, wrong);
  const [base = own] = beside === undefined ? [own] : joinInterfaces([own, readExample(check, beside)]);
  const cli = extension === undefined ? base : extendInterface(base, readExample(check, extension));
  const inventories = exampleInventories(check.examples.completions?.wrong ?? [], cli);
  const context = { words: STANDARD_WORDS, siblings: [], inventories };
  const [finding] = check.run(new AuditView(cli, context)).findings;
  if (finding === undefined)
    throw new MisuseError({ argument: check.name, expected: 'a wrong example with a finding', found: wrong });
  return finding;
}

/** What the scripts of an example offer. */
function exampleInventories(scripts: readonly string[], { program }: Interface): Inventory[] {
  return scripts.flatMap((text) => {
    const source = { name: 'completion', text };
    const shell = detectShell(source);
    return shell === undefined ? [] : [readCompletion(source, shell, program.value)];
  });
}

function readExample({ name }: Check, text: string): Interface {
  const reading = readSource({ name: 'example', text });
  if (reading.interface === undefined)
    throw new MisuseError({ argument: name, expected: 'an example that can be read', found: text });
  return reading.interface;
}
