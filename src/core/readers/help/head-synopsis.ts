import type { Form } from '../../model/command.ts';
import type { Option } from '../../model/option.ts';
import { formOf, OWN_SYNOPSIS } from '../../notation/form.ts';
import { readUsageForm } from '../../notation/usage-form.ts';
import type { CleanedText } from './cleaned-text.ts';
import { TextFlow } from './text-flow.ts';
import type { TextPiece } from './text-line.ts';
import { usageOnlyOptions } from './usage-options.ts';

/** What only a synopsis has: brackets, an option, a word in capitals. */
const NOTATION = /[[<{]|\s(?:--?\w|[A-Z][A-Z0-9_-]+\b)/;

/** What the left part of an entry shows behind the names of a command, `open [--late] <box>`; nothing where it goes on in plain words. */
export function readHeadSynopsis(
  name: TextPiece,
  behind: TextPiece,
  cleaned: CleanedText,
): { readonly forms: readonly Form[]; readonly options: readonly Option[] } {
  if (!NOTATION.test(behind.line.text.slice(behind.start - 1, behind.end))) return { forms: [], options: [] };
  const reading = readUsageForm(new TextFlow(cleaned, [name, behind]));
  const form = formOf(reading, OWN_SYNOPSIS);
  if (form.operands.length === 0 && form.options.length === 0) return { forms: [], options: [] };
  return { forms: [form], options: usageOnlyOptions([reading], new Set()) };
}
