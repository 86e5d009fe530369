/**
 * Sources in, audits and reports out. The model, the analyses and the writers have entry points of their own.
 *
 * @module dabbawala
 */

export type { AcceptedFinding, AcceptedOutcome, PassedOver } from './accepted/accepted-finding.ts';
export { type AcceptedReading, readAccepted } from './accepted/read-accepted.ts';
export { acceptedNow, acceptedText } from './accepted/write-accepted.ts';
export { type Audit, type AuditOptions, audit, type CheckOutcome, type Conformance } from './audit.ts';
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
  type MemberList,
  type MembersIn,
  type Reporter,
} from './checks/define-check.ts';
export type { ConformanceRow, Conformity, Instance, Judgement } from './conformance/rule.ts';
export type { AuditFixes, UnmadeFix } from './findings/audit-fixes.ts';
export type { Finding, Json, NotJudged, Outcome, RelatedPlace } from './findings/finding.ts';
export type { Fix, InterfaceFix, OfferFix } from './findings/fix.ts';
export { isAtLeast, LEVELS, type Level } from './findings/level.ts';
export { type AuditAgain, fixAudit } from './fixes/fix-audit.ts';
export { expectKeys, type Misuse, MisuseError } from './messages/misuse-error.ts';
export { extendInterface } from './model/extend.ts';
export { joinInterfaces } from './model/join.ts';
export { detectShell, readCompletion } from './readers/completion/read-completion.ts';
export { readDocument } from './readers/document/read-document.ts';
export { type ParsingRuleReading, readParsingRule } from './readers/document/read-parsing-rule.ts';
export { annotateHelp } from './readers/help/annotate-help.ts';
export type { HelpSettings } from './readers/help/help-settings.ts';
export { readHelp } from './readers/help/read-help.ts';
export type { ObjectSettings } from './readers/objects/object-settings.ts';
export { readObject } from './readers/objects/read-object.ts';
export { readManual } from './readers/read-manual.ts';
export { readMarkdown } from './readers/read-markdown.ts';
export { readSource, type SourceSettings } from './readers/read-source.ts';
export type { Reading, UsageText } from './readers/reading.ts';
export { readScript, type ScriptSettings } from './readers/script/read-script.ts';
export { detectKind, READABLE_KINDS, type ReadableKind } from './readers/text-readers.ts';
export { areaMarkdown, catalogueMarkdown } from './reports/explain-markdown.ts';
export { placeText } from './reports/finding-text.ts';
export {
  ANNOTATION_REPORTS,
  AUDIT_REPORTS,
  CATALOGUE_REPORTS,
  CHECK_REPORTS,
  FORMATS,
  type Format,
  type Report,
  type ReportContext,
  type Reports,
} from './reports/formats.ts';
export type { JsonPlace } from './reports/json-place.ts';
export type { Measured, MeasuredCheck } from './reports/measured-check.ts';
export type { TextOptions } from './reports/text-style.ts';
export type { Tool } from './reports/tool.ts';
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
export { isDay } from './source/day.ts';
export type { Doubt, DoubtReason } from './source/doubt.ts';
export type { AnnotatedLine, HelpAnnotation, LineRole } from './source/help-annotation.ts';
export { LineIndex, LineIndexes, type Position } from './source/line-index.ts';
export { printable } from './source/printable.ts';
export type { Problem } from './source/problem.ts';
export { type EmbeddedIn, inFile, type Place, type Source, type Span } from './source/source.ts';
export { type AddedWords, type Concept, WordLists } from './words/word-lists.ts';
