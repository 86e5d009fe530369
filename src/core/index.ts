export { type CommandScope, commandScope } from './abbreviations/command-scope.ts';
export { type FragileAbbreviation, fragileAbbreviations } from './abbreviations/fragility.ts';
export { type FreeLetters, freeLetters, unusedLetters } from './abbreviations/free-letters.ts';
export { leadingWords } from './abbreviations/leading-words.ts';
export { LikelyNames } from './abbreviations/likely-names.ts';
export {
  type IndexedName,
  type IndexRules,
  NameIndex,
} from './abbreviations/name-index.ts';
export type { NameLookup, PrefixRange } from './abbreviations/name-lookup.ts';
export { type NameScope, nameScopes } from './abbreviations/name-scope.ts';
export {
  type OptionScope,
  optionScope,
  optionScopes,
  type ScopeName,
  type ScopeTarget,
} from './abbreviations/option-scope.ts';
export { resolveWords, type WordResolution } from './abbreviations/resolve-words.ts';
export { SegmentIndex } from './abbreviations/segment-index.ts';
export { type SuggestionScope, suggest } from './abbreviations/suggest.ts';
export { type ValueScope, valueScopes } from './abbreviations/value-scope.ts';
export type { Resolution, Verdict } from './abbreviations/verdict.ts';
export {
  type Audit,
  type AuditOptions,
  audit,
  type CheckOutcome,
  type Conformance,
} from './audit.ts';
export { AuditView } from './audit-view.ts';
export { CATALOGUE, CATALOGUE_VERSION, type CatalogueCheck, type CheckName } from './checks/catalogue.ts';
export {
  areaOf,
  type Check,
  type CheckDefinition,
  type CheckId,
  type CheckInfo,
  type CheckResult,
  type Departure,
  defineCheck,
  type FindingOf,
  type Reporter,
} from './checks/define-check.ts';
export { assumeComplete } from './comparison/assume-complete.ts';
export {
  type Change,
  type Comparison,
  EFFECTS,
  type Effect,
  type NotCompared,
  RELEASES,
  type Release,
  type WordRange,
} from './comparison/change.ts';
export { CHANGE_KINDS, type ChangeKind } from './comparison/change-kinds.ts';
export { compareInterfaces } from './comparison/compare-interfaces.ts';
export { type Clash, compareExtensions, type ExtensionComparison } from './comparison/extension-changes.ts';
export { type NotAddable, type WhatIf, whatIf } from './comparison/what-if.ts';
export type {
  ConformanceRow,
  Instance,
  Judgement,
  Standing,
} from './conformance/rule.ts';
export {
  COVERED_KINDS,
  type CommandCoverage,
  type CoveredKind,
  coverage,
  type KindCoverage,
  type MissingThing,
  type OfferedThing,
  type ShellCoverage,
  type WrongArgument,
} from './coverage/coverage.ts';
export type { Answer } from './coverage/inventory-from-answers.ts';
export { completionQuestions, type Question } from './coverage/questions.ts';
export { type KindTotals, shellTotals } from './coverage/totals.ts';
export type {
  Finding,
  Json,
  NotJudged,
  Outcome,
  RelatedPlace,
} from './findings/finding.ts';
export { isAtLeast, LEVELS, type Level } from './findings/level.ts';
export type {
  AllowedValue,
  Count,
  Deprecation,
  Offer,
  OptionArgument,
  PairKey,
  Range,
  ValueType,
  Word,
} from './model/argument.ts';
export { bareValue, makeWord, NO_ARGUMENT } from './model/argument.ts';
export {
  type Command,
  type CommandName,
  commandName,
  type Example,
  type Form,
  type FormOption,
  makeCommand,
} from './model/command.ts';
export { extendInterface } from './model/extend.ts';
export {
  type Basis,
  type Fact,
  inferred,
  type Knowable,
  stated,
} from './model/fact.ts';
export type {
  EnvironmentVariable,
  ExitStatus,
  Interface,
  InterfaceSource,
  Observation,
  RelatedFile,
  SourceKind,
  Standard,
} from './model/interface.ts';
export { makeInterface, SOURCE_KINDS } from './model/interface.ts';
export {
  type CommandInventory,
  type Inventory,
  type OfferedArgument,
  type OfferedOption,
  type OfferedWord,
  SHELLS,
  type Shell,
  type Unread,
} from './model/inventory.ts';
export { joinInterfaces } from './model/join.ts';
export type { Listed } from './model/listed.ts';
export { takesEitherHyphens, withOtherHyphens, withTwoHyphens } from './model/long-hyphens.ts';
export { nearestRule } from './model/nearest-rule.ts';
export type { Operand } from './model/operand.ts';
export {
  argumentOf,
  type Inheritance,
  longNames,
  mainName,
  makeOption,
  type NameForm,
  type Option,
  type OptionName,
  type Repetition,
} from './model/option.ts';
export { overrideRules } from './model/override-rules.ts';
export {
  type ParsingRules,
  UNKNOWN_RULES,
  type ValueForms,
} from './model/parsing-rules.ts';
export type { Member, Relation, RelationKind } from './model/relation.ts';
export { saysTheSame } from './model/same.ts';
export { type CommandAt, walkCommands } from './model/walk.ts';
export type {
  AssumedRule,
  GivenOption,
  Trace,
  TracedWord,
  TraceProblem,
  TraceProblemCode,
  WordPart,
  WordRole,
} from './parsing/trace.ts';
export { traceWords } from './parsing/trace-words.ts';
export { detectShell, readCompletion } from './readers/completion/read-completion.ts';
export { documentSchema } from './readers/document/document-schema.ts';
export { readDocument } from './readers/document/read-document.ts';
export { type ParsingRuleReading, readParsingRule } from './readers/document/read-parsing-rule.ts';
export { annotateHelp } from './readers/help/annotate-help.ts';
export type { HelpSettings } from './readers/help/help-settings.ts';
export { readHelp } from './readers/help/read-help.ts';
export type { ObjectSettings } from './readers/objects/object-settings.ts';
export { readObject } from './readers/objects/read-object.ts';
export { readSource, type SourceSettings } from './readers/read-source.ts';
export type { Reading } from './readers/reading.ts';
export { detectKind, READABLE_KINDS, type ReadableKind } from './readers/text-readers.ts';
export type { Cause, Variable } from './relations/formula.ts';
export {
  judgeRelations,
  type NeverUsable,
  type RelationVerdicts,
  type WithoutEffect,
} from './relations/judge-relations.ts';
export { abbreviationsJson } from './reports/abbreviations-json.ts';
export { abbreviationsText } from './reports/abbreviations-text.ts';
export { annotationJson } from './reports/annotation-json.ts';
export { annotationText } from './reports/annotation-text.ts';
export { auditJson } from './reports/audit-json.ts';
export { auditText } from './reports/audit-text.ts';
export { comparisonJson, whatIfJson } from './reports/comparison-json.ts';
export { comparisonMarkdown } from './reports/comparison-markdown.ts';
export { comparisonText, whatIfText } from './reports/comparison-text.ts';
export type { ComparedSides } from './reports/comparison-words.ts';
export { coverageJson } from './reports/coverage-json.ts';
export { coverageText } from './reports/coverage-text.ts';
export { explainJson } from './reports/explain-json.ts';
export { areaMarkdown, catalogueMarkdown } from './reports/explain-markdown.ts';
export { catalogueText, checkText } from './reports/explain-text.ts';
export { placeText } from './reports/finding-text.ts';
export {
  ABBREVIATION_REPORTS,
  type Abbreviations,
  ANNOTATION_REPORTS,
  AUDIT_REPORTS,
  CATALOGUE_REPORTS,
  CHECK_REPORTS,
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  FORMATS,
  type Format,
  type Report,
  type ReportContext,
  type Reports,
  TRACE_REPORTS,
  WHAT_IF_REPORTS,
} from './reports/formats.ts';
export type { JsonPlace } from './reports/json-place.ts';
export { resolutionsText } from './reports/resolutions-text.ts';
export type { TextOptions } from './reports/text-style.ts';
export type { Tool } from './reports/tool.ts';
export { traceJson } from './reports/trace-json.ts';
export { traceText } from './reports/trace-text.ts';
export { type AppliedSettings, applySettings } from './settings/apply-settings.ts';
export { settledLevel } from './settings/levels.ts';
export { readSettings, type SettingsReading } from './settings/read-settings.ts';
export { type AuditSelection, knownSelectors, unknownSelectors } from './settings/selection.ts';
export {
  type CommandSettings,
  DEFAULT_SETTINGS,
  type LevelSetting,
  type Settings,
} from './settings/settings.ts';
export { SETTINGS_FILE } from './settings/settings-format.ts';
export { settingsSchema } from './settings/settings-schema.ts';
export type { Doubt, DoubtReason } from './source/doubt.ts';
export type { AnnotatedLine, HelpAnnotation, LineRole } from './source/help-annotation.ts';
export { LineIndex, LineIndexes, type Position } from './source/line-index.ts';
export { printable } from './source/printable.ts';
export type { Problem } from './source/problem.ts';
export type { Place, Source, Span } from './source/source.ts';
export { type AddedWords, type Concept, WordLists } from './words/word-lists.ts';
export { bashCompletion } from './writers/completion/bash-script.ts';
export { completionProblems } from './writers/completion/completion-problems.ts';
export { fishCompletion } from './writers/completion/fish-script.ts';
export { type MissingLines, missingLines } from './writers/completion/missing-lines.ts';
export { zshCompletion } from './writers/completion/zsh-script.ts';
export { type UpdatedDocument, updateDocument } from './writers/document/update-document.ts';
export { documentJson, documentYaml } from './writers/document/write-document.ts';
export {
  COMPLETION_WRITERS,
  DOCUMENT_WRITERS,
  WRITERS,
  type Writer,
  type WrittenForm,
} from './writers/forms.ts';
export { manualPage } from './writers/manual/manual-page.ts';
export { referenceMarkdown } from './writers/markdown/reference.ts';
