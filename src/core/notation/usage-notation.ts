import type { Form } from '../model/command.ts';
import { type FormContext, formOf } from './form.ts';
import type { PlacedText } from './placed-text.ts';
import { readUsageForm } from './usage-form.ts';

/** Reads a usage line in synopsis notation as a form of a command. */
export function readUsageNotation(text: PlacedText, context: FormContext): Form {
  return formOf(readUsageForm(text), context);
}
