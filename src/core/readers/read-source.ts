import { expectKeys, MisuseError } from '../messages/misuse-error.ts';
import { overrideRules } from '../model/override-rules.ts';
import type { ParsingRules } from '../model/parsing-rules.ts';
import type { Source } from '../source/source.ts';
import { type ForeignText, foreignText } from './foreign-text.ts';
import { HELP_SETTINGS, type HelpSettings } from './help/help-settings.ts';
import type { Reading } from './reading.ts';
import { detectKind, READABLE_KINDS, type ReadableKind, TEXT_READERS } from './text-readers.ts';
import { withUsage } from './with-usage.ts';

/** What the caller knows better than the text. */
export interface SourceSettings extends HelpSettings {
  /** What kind of source it is; told from its contents where not given. */
  readonly kind?: ReadableKind | undefined;
  /** Parsing rules that hold whatever the source says; those that are unknown here are left as they are. */
  readonly rules?: ParsingRules | undefined;
}

/**
 * Reads a source of any kind; the settings for help output, but for its rules, are not used for others. A text that looks like something else is
 * a problem, unless the settings say its kind. Whatever the text holds, it does not throw; a setting, or a kind, that there is not is a MisuseError.
 */
export function readSource(source: Source, settings: SourceSettings = {}): Reading {
  expectKeys('readSource', settings, { ...HELP_SETTINGS, kind: true, rules: true });
  const { kind: given, rules, ...help } = settings;
  if (given !== undefined && !READABLE_KINDS.includes(given))
    throw new MisuseError({
      argument: 'readSource: kind',
      expected: `one of ${READABLE_KINDS.join(', ')}`,
      found: given,
      names: READABLE_KINDS,
    });
  const kind = given ?? detectKind(source.text);
  const foreign = given === undefined && kind === 'help' ? foreignText(source.text) : undefined;
  if (foreign !== undefined) return foreignReading(source, foreign);
  const reading = withUsage(TEXT_READERS[kind].read(source, help));
  return reading.interface === undefined || rules === undefined
    ? reading
    : { ...reading, interface: overrideRules(reading.interface, rules) };
}

function foreignReading(source: Source, { looksLike, advice }: ForeignText): Reading {
  const message = `expected help output, an interface document, a shell script, a manual page or Markdown with help in it, this looks like ${looksLike}; ${advice}`;
  const end = source.text.indexOf('\n');
  const place = { source, start: 0, end: end < 0 ? source.text.length : end };
  const problem = {
    code: 'foreign-text',
    message,
    place,
    source: source.name,
    consequence: 'unusable',
  } as const;
  return { interface: undefined, problems: [problem] };
}
