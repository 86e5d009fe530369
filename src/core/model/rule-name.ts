import type { ParsingRules } from './parsing-rules.ts';

/** A parsing rule as documents call it: `option-abbreviations`. */
export function ruleName(rule: keyof ParsingRules): string {
  return rule.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}
