/**
 * What abbreviations come to, how command lines are read, what a change breaks, what completion offers.
 *
 * @module dabbawala/analysis
 */

export { type CommandScope, commandScope } from '../abbreviations/command-scope.ts';
export { type FragileAbbreviation, fragileAbbreviations } from '../abbreviations/fragility.ts';
export { type FreeLetters, freeLetters, unusedLetters } from '../abbreviations/free-letters.ts';
export { leadingWords } from '../abbreviations/leading-words.ts';
export { LikelyNames } from '../abbreviations/likely-names.ts';
export { type IndexedName, type IndexRules, NameIndex } from '../abbreviations/name-index.ts';
export type { NameLookup, PrefixRange } from '../abbreviations/name-lookup.ts';
export { type NameScope, nameScopes } from '../abbreviations/name-scope.ts';
export {
  type OptionScope,
  optionScope,
  optionScopes,
  type ScopeName,
  type ScopeTarget,
} from '../abbreviations/option-scope.ts';
export { resolveWords, type WordResolution } from '../abbreviations/resolve-words.ts';
export { SegmentIndex } from '../abbreviations/segment-index.ts';
export { type ValueScope, valueScopes } from '../abbreviations/value-scope.ts';
export type { Resolution, Verdict } from '../abbreviations/verdict.ts';
export type { CallWord } from '../callers/call-words.ts';
export {
  type CallChange,
  type ChangedCall,
  type ComparedCallers,
  callsForVersion,
  changedCalls,
  compareCallers,
} from '../callers/changed-calls.ts';
export { type CallerKind, callerKind } from '../callers/files/caller-files.ts';
export {
  type CallersFound,
  type CallersSettings,
  findCallers,
  type Invocation,
  type UsedAbbreviation,
} from '../callers/find-callers.ts';
export { type CallEdits, type NameLeft, namesInFull } from '../callers/names-in-full.ts';
export { type RelianceOn, usedAbbreviations } from '../callers/used-abbreviations.ts';
export { assumeComplete } from '../comparison/assume-complete.ts';
export {
  type Change,
  type Comparison,
  EFFECTS,
  type Effect,
  type NotCompared,
  RELEASES,
  type Release,
  type WordRange,
} from '../comparison/change.ts';
export { CHANGE_KINDS, type ChangeKind } from '../comparison/change-kinds.ts';
export { compareInterfaces } from '../comparison/compare-interfaces.ts';
export { type Clash, compareExtensions, type ExtensionComparison } from '../comparison/extension-changes.ts';
export { type NotAddable, type WhatIf, whatIf } from '../comparison/what-if.ts';
export {
  COVERED_KINDS,
  type CommandCoverage,
  type CoveredKind,
  coverage,
  type KindCoverage,
  type MissingThing,
  type OfferedThing,
  type ShellCoverage,
} from '../coverage/coverage.ts';
export type { Answer } from '../coverage/inventory-from-answers.ts';
export { completionQuestions, type Question } from '../coverage/questions.ts';
export { type KindTotals, shellTotals } from '../coverage/totals.ts';
export type { WrongArgument } from '../coverage/wrong-argument.ts';
export { editedText, editsByFile, type FileEdits, type TextEdit } from '../edits/text-edits.ts';
export { unifiedDiff } from '../edits/unified-diff.ts';
export { didYouMean } from '../messages/did-you-mean.ts';
export type {
  AssumedRule,
  GivenOption,
  Trace,
  TracedWord,
  TraceProblem,
  TraceProblemCode,
  WordPart,
  WordRole,
} from '../parsing/trace.ts';
export { traceWords } from '../parsing/trace-words.ts';
export type { Cause, Variable } from '../relations/formula.ts';
export {
  judgeRelations,
  type NeverUsable,
  type RelationVerdicts,
  type WithoutEffect,
} from '../relations/judge-relations.ts';
export type { AnsweredWhatIf, ComparedSides } from '../reports/comparison-words.ts';
export {
  ABBREVIATION_REPORTS,
  type Abbreviations,
  CALLERS_REPORTS,
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  TRACE_REPORTS,
  WHAT_IF_REPORTS,
} from '../reports/formats.ts';
export { type SuggestionScope, suggest } from '../words/suggest.ts';
