import { CATALOGUE } from '../checks/catalogue.ts';
import type { Check } from '../checks/define-check.ts';
import type { Fact } from '../model/fact.ts';
import { stated } from '../model/fact.ts';
import { rulesFromRecord } from '../readers/document/model/rules-from-record.ts';
import type { Problem } from '../source/problem.ts';
import type { Source } from '../source/source.ts';
import { parseDocument } from '../structured/parse-document.ts';
import { reportInto } from '../structured/report-into.ts';
import { type Placed, readAs } from '../structured/shape/shape.ts';
import type { Row } from '../structured/shape/table.ts';
import type { AddedWords } from '../words/word-lists.ts';
import { DEFAULT_SETTINGS, type LevelSetting, type Settings } from './settings.ts';
import { settingsFormat } from './settings-format.ts';

/** What was read from a file of settings, and what is wrong with it. */
export interface SettingsReading {
  /** What was read: the defaults where a part could not be. */
  readonly settings: Settings;
  /** What is wrong with it, with its places. */
  readonly problems: readonly Problem[];
}

/**
 * Reads settings (YAML 1.2 or JSON). Every mistake is a problem with its place, unknown keys with the nearest known one; what
 * has none counts all the same. `checks` are those that may be named; the catalogue where not given. Never throws.
 */
export function readSettings(source: Source, checks: readonly Check[] = CATALOGUE): SettingsReading {
  const { root, problems: faults } = parseDocument(source);
  if (root === undefined) return { settings: DEFAULT_SETTINGS, problems: faults };
  const problems: Problem[] = [];
  const record = readAs(settingsFormat(checks), root, reportInto(problems, source));
  if (record === undefined) return { settings: DEFAULT_SETTINGS, problems };
  const { said } = record;
  return {
    settings: {
      catalogue: said.catalogue?.value,
      failOn: said['fail-on']?.value,
      claims: facts(said.claims),
      family: facts(said.family),
      accepted: said.accepted === undefined ? undefined : stated(said.accepted.value, said.accepted.place),
      checks: facts(said.checks),
      words: addedWords(said.words?.said),
      levels: levelSettings(said.levels),
      parser: said.parser === undefined ? undefined : stated(said.parser.value, said.parser.place),
      rules: rulesFromRecord(said.parsing),
      commands: (said.commands?.value ?? []).map(({ key, value }) => ({
        path: key.value.split(/\s+/).filter((word) => word !== ''),
        levels: levelSettings(value.said.levels),
        rules: rulesFromRecord(value.said.parsing),
        place: key.place,
      })),
    },
    problems,
  };
}

function facts<T>(said: Placed<readonly Placed<T>[]> | undefined): Fact<T>[] {
  return (said?.value ?? []).map(({ value, place }) => stated(value, place));
}

function levelSettings(
  said: Placed<readonly Row<Placed<LevelSetting['level']>>[]> | undefined,
): LevelSetting[] {
  return (said?.value ?? []).map(({ key, value }) => ({ checks: key.value, level: value.value }));
}

type SaidWords = NonNullable<Placed<readonly Placed<string>[]>>;

function addedWords(
  said:
    | {
        readonly 'same-meaning'?: Placed<readonly SaidWords[]>;
        readonly verbs?: SaidWords;
        readonly 'short-forms'?: Placed<readonly Row<SaidWords>[]>;
        readonly 'likely-options'?: SaidWords;
      }
    | undefined,
): AddedWords {
  const words = (list: SaidWords | undefined) => (list?.value ?? []).map(({ value }) => value);
  return {
    sameMeaning: (said?.['same-meaning']?.value ?? []).map(words),
    verbs: words(said?.verbs),
    shortForms: new Map(
      (said?.['short-forms']?.value ?? []).map(({ key, value }) => [key.value.toLowerCase(), words(value)]),
    ),
    likelyOptions: words(said?.['likely-options']),
  };
}
