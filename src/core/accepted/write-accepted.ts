import { listKey } from '../collections/list-key.ts';
import type { Finding } from '../findings/finding.ts';
import { jsonText } from '../source/json-text.ts';
import { compareCodeUnits } from '../source/source.ts';
import type { AcceptedFinding } from './accepted-finding.ts';

const HEAD = `# Findings that are accepted: audits pass over them. 'dabbawala audit --accept=REASON' adds those that there are.
dabbawala-accepted: 1
findings:
`;

/** What accepts findings as they are now, a member each. */
export function acceptedNow(
  findings: readonly Finding[],
  because: string,
  until: string | undefined,
): AcceptedFinding[] {
  return findings.flatMap(({ check, command, members }) =>
    [...new Set(members)].map((of) => ({ at: command.join(' '), check, of, because, until, place: null })),
  );
}

/** A file of accepted findings: sorted, each once and in a line of its own, so that it can be read in a diff; of two for one thing the later counts. */
export function acceptedText(accepted: readonly AcceptedFinding[]): string {
  const entries = new Map(accepted.map((one) => [listKey([one.at, one.check, one.of]), one]));
  const lines = [...entries.values()]
    .sort(
      (a, b) =>
        compareCodeUnits(a.at, b.at) || compareCodeUnits(a.check, b.check) || compareCodeUnits(a.of, b.of),
    )
    .map(({ at, check, of, because, until }) => {
      const day = until === undefined ? '' : `, until: ${until}`;
      return `  - {at: ${scalar(at)}, check: ${scalar(check)}, of: ${scalar(of)}, because: ${scalar(because)}${day}}\n`;
    });
  return lines.length === 0 ? HEAD.replace('findings:', 'findings: []') : HEAD + lines.join('');
}

/** Words that YAML takes for something else than a text. */
const MEANS_SOMETHING = /^(?:true|false|null|yes|no|on|off|y|n)$/i;

/** A text as YAML has it within a mapping in braces: as it is where that is a text, else in quotes. */
function scalar(text: string): string {
  const isPlain = /^(?:--?)?[A-Za-z](?:[\w./' -]*[\w./'-])?$/.test(text) && !MEANS_SOMETHING.test(text);
  return isPlain ? text : jsonText(text);
}
