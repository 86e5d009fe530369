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
import { booleanTakesValue } from './arguments/boolean-takes-value.ts';
import { optionalArgumentSwallows } from './arguments/optional-argument-swallows.ts';
import { optionalBeforeRequired } from './arguments/optional-before-required.ts';
import { repeatUnclear } from './arguments/repeat-unclear.ts';
import { requiredOption } from './arguments/required-option.ts';
import { secretInArguments } from './arguments/secret-in-arguments.ts';
import { swallowsOperands } from './arguments/swallows-operands.ts';
import { tooManyOperands } from './arguments/too-many-operands.ts';
import { twoOpenEnded } from './arguments/two-open-ended.ts';
import { verbsAsOperands } from './arguments/verbs-as-operands.ts';
import { abbreviationAccepted } from './behaviour/abbreviation-accepted.ts';
import { errorOnStandardOutput } from './behaviour/error-on-standard-output.ts';
import { errorStatus } from './behaviour/error-status.ts';
import { errorWithoutHint } from './behaviour/error-without-hint.ts';
import { errorWithoutName } from './behaviour/error-without-name.ts';
import { escapesWithoutTerminal } from './behaviour/escapes-without-terminal.ts';
import { helpFails } from './behaviour/help-fails.ts';
import { helpOnStandardError } from './behaviour/help-on-standard-error.ts';
import { helpSlow } from './behaviour/help-slow.ts';
import { shownOptionRefused } from './behaviour/shown-option-refused.ts';
import { unknownOptionAccepted } from './behaviour/unknown-option-accepted.ts';
import { aliasForgotten } from './completion/alias-forgotten.ts';
import { argumentCompletedWrongly } from './completion/argument-completed-wrongly.ts';
import { commandsMissing } from './completion/commands-missing.ts';
import { descriptionOfAnother } from './completion/description-of-another.ts';
import { doesNotLoad } from './completion/does-not-load.ts';
import { heldApartWrongly } from './completion/held-apart-wrongly.ts';
import { hiddenOffered } from './completion/hidden-offered.ts';
import { noneOffered } from './completion/none-offered.ts';
import { operandsTooMany } from './completion/operands-too-many.ts';
import { optionsMissing } from './completion/options-missing.ts';
import { otherProgram } from './completion/other-program.ts';
import { shellsDisagree } from './completion/shells-disagree.ts';
import { staleWord } from './completion/stale-word.ts';
import { undescribed } from './completion/undescribed.ts';
import { valuesMissing } from './completion/values-missing.ts';
import { bothTheDefault } from './conflicts/both-the-default.ts';
import { commandOrOperand } from './conflicts/command-or-operand.ts';
import { defaultNotAllowed } from './conflicts/default-not-allowed.ts';
import { defaultsClash } from './conflicts/defaults-clash.ts';
import { digitOrNegative } from './conflicts/digit-or-negative.ts';
import { environmentCollision } from './conflicts/environment-collision.ts';
import { inheritedRedefined } from './conflicts/inherited-redefined.ts';
import { keyCollision } from './conflicts/key-collision.ts';
import { nameReadsAsLetters } from './conflicts/name-reads-as-letters.ts';
import { neverUsable } from './conflicts/never-usable.ts';
import { proseRelationDiffers } from './conflicts/prose-relation-differs.ts';
import { referenceDangles } from './conflicts/reference-dangles.ts';
import { relationWithoutEffect } from './conflicts/relation-without-effect.ts';
import { requiredWithDefault } from './conflicts/required-with-default.ts';
import { sameNameTwice } from './conflicts/same-name-twice.ts';
import type { Check } from './define-check.ts';
import { bugAddressMissing } from './gnu/bug-address-missing.ts';
import { helpOptionMissing } from './gnu/help-option-missing.ts';
import { longNameMissing } from './gnu/long-name-missing.ts';
import { longNameUnusual } from './gnu/long-name-unusual.ts';
import { optionsEndEarly } from './gnu/options-end-early.ts';
import { outputAsOperand } from './gnu/output-as-operand.ts';
import { versionForm } from './gnu/version-form.ts';
import { versionOptionMissing } from './gnu/version-option-missing.ts';
import { argumentUnshown } from './help/argument-unshown.ts';
import { commandUndescribed } from './help/command-undescribed.ts';
import { commandsDisagree } from './help/commands-disagree.ts';
import { defaultDisagrees } from './help/default-disagrees.ts';
import { defaultInProse } from './help/default-in-prose.ts';
import { defaultOfFlag } from './help/default-of-flag.ts';
import { defaultToldTwice } from './help/default-told-twice.ts';
import { defaultUnstated } from './help/default-unstated.ts';
import { deprecatedWithoutWay } from './help/deprecated-without-way.ts';
import { environmentUnlisted } from './help/environment-unlisted.ts';
import { exampleMissing } from './help/example-missing.ts';
import { exampleWrong } from './help/example-wrong.ts';
import { exitStatusUnclear } from './help/exit-status-unclear.ts';
import { helpOfAnotherOption } from './help/help-of-another-option.ts';
import { mentionsUnknown } from './help/mentions-unknown.ts';
import { mentionsUnknownCommand } from './help/mentions-unknown-command.ts';
import { noWayToHelp } from './help/no-way-to-help.ts';
import { operandUndescribed } from './help/operand-undescribed.ts';
import { optionUndescribed } from './help/option-undescribed.ts';
import { placeholderMisleads } from './help/placeholder-misleads.ts';
import { relationUnstated } from './help/relation-unstated.ts';
import { requiredUnstated } from './help/required-unstated.ts';
import { sameHelpTwice } from './help/same-help-twice.ts';
import { sameSummaryTwice } from './help/same-summary-twice.ts';
import { saysNothing } from './help/says-nothing.ts';
import { sectionMissing } from './help/section-missing.ts';
import { styleMixed } from './help/style-mixed.ts';
import { summarySaysNothing } from './help/summary-says-nothing.ts';
import { textOpposesName } from './help/text-opposes-name.ts';
import { textSlip } from './help/text-slip.ts';
import { textUnfinished } from './help/text-unfinished.ts';
import { tooWide } from './help/too-wide.ts';
import { unitUnstated } from './help/unit-unstated.ts';
import { unsortedWall } from './help/unsorted-wall.ts';
import { usageDisagrees } from './help/usage-disagrees.ts';
import { usageMissing } from './help/usage-missing.ts';
import { valueUnnamed } from './help/value-unnamed.ts';
import { valuesDisagree } from './help/values-disagree.ts';
import { valuesInProse } from './help/values-in-prose.ts';
import { valuesUnlisted } from './help/values-unlisted.ts';
import { wordMisspelt } from './help/word-misspelt.ts';
import { hyphensMixed } from './names/hyphens-mixed.ts';
import { letterAgainstCustom } from './names/letter-against-custom.ts';
import { letterCaseMixed } from './names/letter-case-mixed.ts';
import { letterDrifts } from './names/letter-drifts.ts';
import { misspelt } from './names/misspelt.ts';
import { nearlyEqual } from './names/nearly-equal.ts';
import { negationMixed } from './names/negation-mixed.ts';
import { negativeName } from './names/negative-name.ts';
import { oneConceptManyNames } from './names/one-concept-many-names.ts';
import { oneLetterLong } from './names/one-letter-long.ts';
import { oneLetterManyMeanings } from './names/one-letter-many-meanings.ts';
import { oneNameManyMeanings } from './names/one-name-many-meanings.ts';
import { pairUneven } from './names/pair-uneven.ts';
import { placeholderMixed } from './names/placeholder-mixed.ts';
import { pluralMixed } from './names/plural-mixed.ts';
import { separatorsMixed } from './names/separators-mixed.ts';
import { spellingMixed } from './names/spelling-mixed.ts';
import { tooLong } from './names/too-long.ts';
import { truncatedMixed } from './names/truncated-mixed.ts';
import { valuesMixed } from './names/values-mixed.ts';
import { verbsMixed } from './names/verbs-mixed.ts';
import { wordOrderMixed } from './names/word-order-mixed.ts';
import { argumentJoined } from './posix/argument-joined.ts';
import { argumentListForm } from './posix/argument-list-form.ts';
import { argumentOptional } from './posix/argument-optional.ts';
import { groupingRefused } from './posix/grouping-refused.ts';
import { hyphenOperandUnsaid } from './posix/hyphen-operand-unsaid.ts';
import { nameCharacters } from './posix/name-characters.ts';
import { nameLength } from './posix/name-length.ts';
import { noEndOfOptions } from './posix/no-end-of-options.ts';
import { operandOrderUnsaid } from './posix/operand-order-unsaid.ts';
import { optionDelimiter } from './posix/option-delimiter.ts';
import { optionNotOneCharacter } from './posix/option-not-one-character.ts';
import { optionsAfterOperands } from './posix/options-after-operands.ts';
import { orderDependent } from './posix/order-dependent.ts';
import { vendorLetter } from './posix/vendor-letter.ts';
import { actsWhileParsing } from './script/acts-while-parsing.ts';
import { argumentUnused } from './script/argument-unused.ts';
import { declaredNotHandled } from './script/declared-not-handled.ts';
import { usageErrorOnStandardOutput } from './script/error-on-standard-output.ts';
import { errorStatus as scriptErrorStatus } from './script/error-status.ts';
import { handledNotDeclared } from './script/handled-not-declared.ts';
import { noUnknownArm } from './script/no-unknown-arm.ts';
import { operandsNotShifted } from './script/operands-not-shifted.ts';
import { operandsUnchecked } from './script/operands-unchecked.ts';
import { parsedTwice } from './script/parsed-twice.ts';
import { usageDiffers } from './script/usage-differs.ts';
import { argumentDiffers } from './sources/argument-differs.ts';
import { defaultDiffers } from './sources/default-differs.ts';
import { nameMissing } from './sources/name-missing.ts';
import { optionMissing } from './sources/option-missing.ts';
import { requiredDiffers } from './sources/required-differs.ts';
import { statusMissing } from './sources/status-missing.ts';
import { textOfAnother } from './sources/text-of-another.ts';
import { valuesDiffer } from './sources/values-differ.ts';
import { variableMissing } from './sources/variable-missing.ts';

/** Every check, by area in the order in which a maintainer reads them. A new check is one file and one line here. */
export const CATALOGUE = [
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
  inheritedRedefined,
  keyCollision,
  environmentCollision,
  nameReadsAsLetters,
  digitOrNegative,
  bothTheDefault,
  commandOrOperand,
  defaultNotAllowed,
  requiredWithDefault,
  referenceDangles,
  proseRelationDiffers,
  defaultsClash,
  separatorsMixed,
  oneLetterLong,
  letterCaseMixed,
  tooLong,
  nearlyEqual,
  negationMixed,
  letterDrifts,
  wordOrderMixed,
  verbsMixed,
  spellingMixed,
  truncatedMixed,
  letterAgainstCustom,
  placeholderMixed,
  oneLetterManyMeanings,
  oneNameManyMeanings,
  oneConceptManyNames,
  valuesMixed,
  misspelt,
  pairUneven,
  hyphensMixed,
  pluralMixed,
  negativeName,
  optionUndescribed,
  sameHelpTwice,
  defaultDisagrees,
  valuesInProse,
  valuesUnlisted,
  wordMisspelt,
  defaultInProse,
  defaultOfFlag,
  defaultToldTwice,
  defaultUnstated,
  mentionsUnknown,
  mentionsUnknownCommand,
  requiredUnstated,
  relationUnstated,
  usageDisagrees,
  noWayToHelp,
  sameSummaryTwice,
  saysNothing,
  summarySaysNothing,
  placeholderMisleads,
  sectionMissing,
  helpOfAnotherOption,
  usageMissing,
  argumentUnshown,
  commandUndescribed,
  valueUnnamed,
  operandUndescribed,
  deprecatedWithoutWay,
  styleMixed,
  unsortedWall,
  tooWide,
  unitUnstated,
  exampleMissing,
  exampleWrong,
  valuesDisagree,
  textSlip,
  textOpposesName,
  textUnfinished,
  commandsDisagree,
  exitStatusUnclear,
  environmentUnlisted,
  secretInArguments,
  optionalBeforeRequired,
  twoOpenEnded,
  swallowsOperands,
  optionalArgumentSwallows,
  tooManyOperands,
  verbsAsOperands,
  requiredOption,
  booleanTakesValue,
  repeatUnclear,
  argumentOptional,
  nameLength,
  nameCharacters,
  optionNotOneCharacter,
  vendorLetter,
  optionDelimiter,
  groupingRefused,
  argumentJoined,
  argumentListForm,
  optionsAfterOperands,
  noEndOfOptions,
  orderDependent,
  operandOrderUnsaid,
  hyphenOperandUnsaid,
  longNameMissing,
  longNameUnusual,
  outputAsOperand,
  helpOptionMissing,
  versionOptionMissing,
  versionForm,
  bugAddressMissing,
  optionsEndEarly,
  helpFails,
  helpOnStandardError,
  shownOptionRefused,
  unknownOptionAccepted,
  errorStatus,
  errorOnStandardOutput,
  errorWithoutName,
  errorWithoutHint,
  abbreviationAccepted,
  escapesWithoutTerminal,
  helpSlow,
  noneOffered,
  commandsMissing,
  optionsMissing,
  valuesMissing,
  staleWord,
  argumentCompletedWrongly,
  undescribed,
  shellsDisagree,
  hiddenOffered,
  doesNotLoad,
  aliasForgotten,
  otherProgram,
  heldApartWrongly,
  operandsTooMany,
  descriptionOfAnother,
  declaredNotHandled,
  handledNotDeclared,
  argumentUnused,
  noUnknownArm,
  scriptErrorStatus,
  usageErrorOnStandardOutput,
  usageDiffers,
  operandsNotShifted,
  operandsUnchecked,
  actsWhileParsing,
  parsedTwice,
  optionMissing,
  argumentDiffers,
  valuesDiffer,
  defaultDiffers,
  requiredDiffers,
  nameMissing,
  textOfAnother,
  statusMissing,
  variableMissing,
] as const satisfies readonly Check[];

/** A check of the catalogue. */
export type CatalogueCheck = (typeof CATALOGUE)[number];

/** The name of a check of the catalogue: `help/says-nothing`. */
export type CheckName = CatalogueCheck['name'];

/** The version of the catalogue: the newest in which a check came or a level was raised. */
export const CATALOGUE_VERSION = Math.max(
  ...CATALOGUE.flatMap(({ since = 1, raised }) => [since, raised?.since ?? since]),
);
