import { ambiguousWord } from './abbreviations/ambiguous-word.ts';
import { caseFoldsTogether } from './abbreviations/case-folds-together.ts';
import { commandSegmentsAmbiguous } from './abbreviations/command-segments-ambiguous.ts';
import { commandsAbbreviated } from './abbreviations/commands-abbreviated.ts';
import { extensionBreaks } from './abbreviations/extension-breaks.ts';
import { fragileWord } from './abbreviations/fragile-word.ts';
import { negationCrowded } from './abbreviations/negation-crowded.ts';
import { prefixOfOther } from './abbreviations/prefix-of-other.ts';
import { standardOptionCrowded } from './abbreviations/standard-option-crowded.ts';
import { valuesAbbreviated } from './abbreviations/values-abbreviated.ts';
import { secretInArguments } from './arguments/secret-in-arguments.ts';
import { abbreviationAccepted } from './behaviour/abbreviation-accepted.ts';
import { errorOnStandardOutput } from './behaviour/error-on-standard-output.ts';
import { errorStatus } from './behaviour/error-status.ts';
import { errorWithoutHint } from './behaviour/error-without-hint.ts';
import { errorWithoutName } from './behaviour/error-without-name.ts';
import { escapesWithoutTerminal } from './behaviour/escapes-without-terminal.ts';
import { helpFails } from './behaviour/help-fails.ts';
import { helpOnStandardError } from './behaviour/help-on-standard-error.ts';
import { helpSlow } from './behaviour/help-slow.ts';
import { unknownOptionAccepted } from './behaviour/unknown-option-accepted.ts';
import { neverUsable } from './conflicts/never-usable.ts';
import { relationWithoutEffect } from './conflicts/relation-without-effect.ts';
import { sameNameTwice } from './conflicts/same-name-twice.ts';
import type { Check } from './define-check.ts';
import { longNameMissing } from './gnu/long-name-missing.ts';
import { optionUndescribed } from './help/option-undescribed.ts';
import { sameHelpTwice } from './help/same-help-twice.ts';
import { oneLetterLong } from './names/one-letter-long.ts';
import { separatorsMixed } from './names/separators-mixed.ts';
import { argumentOptional } from './posix/argument-optional.ts';

/** Every check, by area in the order in which a maintainer reads them. A new check is one file and one line here. */
export const CATALOGUE: readonly Check[] = [
  ambiguousWord,
  fragileWord,
  prefixOfOther,
  standardOptionCrowded,
  caseFoldsTogether,
  negationCrowded,
  commandsAbbreviated,
  commandSegmentsAmbiguous,
  valuesAbbreviated,
  extensionBreaks,
  sameNameTwice,
  neverUsable,
  relationWithoutEffect,
  separatorsMixed,
  oneLetterLong,
  optionUndescribed,
  sameHelpTwice,
  secretInArguments,
  argumentOptional,
  longNameMissing,
  helpFails,
  helpOnStandardError,
  unknownOptionAccepted,
  errorStatus,
  errorOnStandardOutput,
  errorWithoutName,
  errorWithoutHint,
  abbreviationAccepted,
  escapesWithoutTerminal,
  helpSlow,
];
