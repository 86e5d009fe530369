import type { Level } from '../findings/level.ts';
import type { Fact, Knowable } from '../model/fact.ts';
import type { Standard } from '../model/interface.ts';
import { type ParsingRules, UNKNOWN_RULES } from '../model/parsing-rules.ts';
import type { Place } from '../source/source.ts';
import { type AddedWords, NO_ADDED_WORDS } from '../words/word-lists.ts';

/** The level at which the findings of a check, or of all checks of an area, are told. */
export interface LevelSetting {
  /** A check, or an area. */
  readonly checks: string;
  /** The level of their findings; `off` to run them not at all. */
  readonly level: Level | 'off';
}

/** What is set for a command and those below it. */
export interface CommandSettings {
  /** The names of the commands, the program's first. */
  readonly path: readonly string[];
  /** Levels that hold for these commands. */
  readonly levels: readonly LevelSetting[];
  /** How their parser behaves, whatever the sources say. */
  readonly rules: ParsingRules;
  /** Where the settings stand. */
  readonly place: Place;
}

/** How a program, or a family of programs, wants to be audited. */
export interface Settings {
  /** The version of the catalogue to keep to: later checks, and levels raised later, stay out. Undefined: the newest. */
  readonly catalogue: number | undefined;
  /** The least level of a finding that counts as a failure; undefined where it is left to the caller. */
  readonly failOn: Level | 'never' | undefined;
  /** Standards that all programs claim, whether or not they say so. */
  readonly claims: readonly Fact<Standard>[];
  /** Sources of the other programs of the family, as they are written: paths from the file with the settings. */
  readonly family: readonly Fact<string>[];
  /** The file with accepted findings, as it is written: a path from the file with the settings; undefined where none is named. */
  readonly accepted: Knowable<string>;
  /** Modules with further checks, as they are written: paths from the file with the settings. Nothing is loaded here. */
  readonly checks: readonly Fact<string>[];
  /** Words that are added to the lists. */
  readonly words: AddedWords;
  /** Levels of checks and areas; the last that fits holds. */
  readonly levels: readonly LevelSetting[];
  /** The parser of all programs, by the name of its profile; several where it is one of them. */
  readonly parser: Knowable<readonly string[]>;
  /** How the parsers of all programs behave, whatever their sources say. */
  readonly rules: ParsingRules;
  /** Settings for single commands. */
  readonly commands: readonly CommandSettings[];
}

/** What holds where there are no settings. */
export const DEFAULT_SETTINGS: Settings = {
  catalogue: undefined,
  failOn: undefined,
  claims: [],
  family: [],
  accepted: undefined,
  checks: [],
  words: NO_ADDED_WORDS,
  levels: [],
  parser: undefined,
  rules: UNKNOWN_RULES,
  commands: [],
};
