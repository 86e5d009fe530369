import { AuditView } from './audit-view.ts';
import type { Check } from './checks/define-check.ts';
import type { Finding } from './findings/finding.ts';
import { extendInterface } from './model/extend.ts';
import type { Interface } from './model/interface.ts';
import { readSource } from './readers/read-source.ts';

/** What a check says of its own wrong example. */
export function exampleFinding(check: Check): Finding {
  const { wrong, extension } = check.examples;
  const base = readExample(check, wrong);
  const from = extension === undefined ? base : extendInterface(base, readExample(check, extension));
  const [finding] = check.run(new AuditView(from)).findings;
  if (finding === undefined) throw new TypeError(`the wrong example of '${check.name}' has no finding`);
  return finding;
}

function readExample({ name }: Check, text: string): Interface {
  const reading = readSource({ name: 'example', text });
  if (reading.interface === undefined) throw new TypeError(`an example of '${name}' cannot be read`);
  return reading.interface;
}
