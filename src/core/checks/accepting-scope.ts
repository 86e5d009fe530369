import type { OptionScope } from '../abbreviations/option-scope.ts';
import type { Json } from '../findings/finding.ts';
import type { Reporter } from './define-check.ts';

/**
 * Whether the parser is known, or likely, to accept abbreviations of a command's options. Where nothing is known of it, the scope is told as not judged:
 * most parsers of today take none, and what would be said of abbreviations would then help nobody.
 */
export function isAccepting<Data extends Json>(
  { accepted, at, names }: OptionScope,
  report: Reporter<Data>,
): boolean {
  if (accepted !== undefined) return accepted.value;
  report.notJudged({
    command: at.path,
    count: names.length,
    reason: 'it is not known whether the parser accepts abbreviations',
    remedy: 'name the parser with --parser, or give --rule=option-abbreviations=true or false',
    place: at.command.place,
  });
  return false;
}
