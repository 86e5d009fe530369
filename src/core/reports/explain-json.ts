import type { Check } from '../checks/define-check.ts';
import { jsonText } from '../source/json-text.ts';
import type { Tool } from './tool.ts';

/** Checks of the catalogue as JSON text, ending in a newline. */
export function explainJson(checks: readonly Check[], tool: Tool): string {
  const report = {
    version: 1,
    tool,
    checks: checks.map(({ name, level, title, why, standard, needs, since, examples }) => ({
      name,
      level,
      title,
      why,
      standard,
      needs,
      since: since ?? null,
      examples,
    })),
  };
  return `${jsonText(report, 2)}\n`;
}
