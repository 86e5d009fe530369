import type { Form } from '../model/command.ts';
import type { Option } from '../model/option.ts';
import { type FormContext, formOf } from './form.ts';
import { knownOptions } from './known-options.ts';
import type { PlacedText } from './placed-text.ts';
import { readUsageForm } from './usage-form.ts';

/** Reads a usage line in synopsis notation as a form of a command whose options are known. */
export function readUsageNotation(text: PlacedText, options: readonly Option[], context: FormContext): Form {
  return formOf(readUsageForm(text, knownOptions(options)), context);
}
