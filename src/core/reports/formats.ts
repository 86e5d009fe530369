import type { NameScope } from '../abbreviations/name-scope.ts';
import type { WordResolution } from '../abbreviations/resolve-words.ts';
import type { Audit } from '../audit.ts';
import type { CallersFound } from '../callers/find-callers.ts';
import { namesInFull } from '../callers/names-in-full.ts';
import type { Check } from '../checks/define-check.ts';
import type { ShellCoverage } from '../coverage/coverage.ts';
import type { Interface } from '../model/interface.ts';
import type { Trace } from '../parsing/trace.ts';
import type { HelpAnnotation } from '../source/help-annotation.ts';
import type { Problem } from '../source/problem.ts';
import { abbreviationsJson } from './abbreviations-json.ts';
import { abbreviationsText } from './abbreviations-text.ts';
import { annotationJson } from './annotation-json.ts';
import { annotationText } from './annotation-text.ts';
import { auditJson } from './audit-json.ts';
import { auditText } from './audit-text.ts';
import { callersJson } from './callers-json.ts';
import { callersText } from './callers-text.ts';
import { comparisonJson, whatIfJson } from './comparison-json.ts';
import { comparisonMarkdown, whatIfMarkdown } from './comparison-markdown.ts';
import { comparisonText, whatIfText } from './comparison-text.ts';
import type { AnsweredWhatIf, ComparedSides } from './comparison-words.ts';
import { coverageJson } from './coverage-json.ts';
import { coverageText } from './coverage-text.ts';
import { editsPatch } from './edits-patch.ts';
import { explainJson } from './explain-json.ts';
import { catalogueMarkdown } from './explain-markdown.ts';
import { catalogueText, checkText } from './explain-text.ts';
import { auditHtml } from './html/audit-html.ts';
import { itemsHtml } from './html/items-html.ts';
import { auditItems } from './items/audit-items.ts';
import { callersItems } from './items/callers-items.ts';
import { comparisonItems, whatIfItems } from './items/comparison-items.ts';
import { coverageItems } from './items/coverage-items.ts';
import type { ReportItems } from './items/report-items.ts';
import { itemsJunit } from './items-junit.ts';
import { itemsLines } from './items-lines.ts';
import { itemsMarkdown } from './items-markdown.ts';
import { itemsSarif } from './items-sarif.ts';
import { parsersText } from './parsers-text.ts';
import { resolutionsText } from './resolutions-text.ts';
import type { TextOptions } from './text-style.ts';
import type { Tool } from './tool.ts';
import { traceJson } from './trace-json.ts';
import { traceText } from './trace-text.ts';

/** The formats of reports, each with whom it is for. */
export const FORMATS = {
  /** For people. */
  text: 'for people',
  /** For programs. */
  json: 'for programs',
  /** For a change log, a page or a pull request. */
  markdown: 'for a change log or a pull request',
  /** SARIF 2.1.0, for pages that show what code scanning found. */
  sarif: 'for code scanning',
  /** JUnit's XML, for pages that show test reports. */
  junit: 'for test reports',
  /** A page that stands alone, for a browser. */
  html: 'for a browser',
  /** One thing a line, `FILE:LINE:COLUMN: LEVEL: MESSAGE [RULE]`. */
  lines: 'for editors and logs',
  /** Edits of files, for `patch` and `git apply`. */
  patch: 'for git apply',
} as const;

/** A format that some report can be written in. */
export type Format = keyof typeof FORMATS;

/** What a report needs beside what it is about. */
export interface ReportContext {
  /** The name and version that the report states. */
  readonly tool: Tool;
  /** Width and colours, for text. */
  readonly text: TextOptions;
  /** What was wrong with the sources; none where not given. */
  readonly problems?: readonly Problem[];
  /** Whether a text tells every note, the tables of the standards and what was not judged; a line for each of these where not given. */
  readonly inFull?: boolean;
}

/** Writes a report about something in one format; it ends in a newline. */
export type Report<Subject> = (subject: Subject, context: ReportContext) => string;

/** The formats that a report can be written in: text and JSON always, others where there are some. */
export type Reports<Subject> = Readonly<
  Record<'text' | 'json', Report<Subject>> & Partial<Record<Format, Report<Subject>>>
>;

/** The formats that list one thing after another, of whatever there are items. */
function listing<Subject>(itemsOf: (subject: Subject, problems: readonly Problem[]) => ReportItems) {
  const withItems =
    (write: (items: ReportItems, tool: Tool) => string): Report<Subject> =>
    (subject, { problems = [], tool }) =>
      write(itemsOf(subject, problems), tool);
  return {
    /** For a pull request or a page: what is grave, and the notes folded away. */
    markdown: withItems(itemsMarkdown),
    /** For code scanning: SARIF 2.1.0. */
    sarif: withItems(itemsSarif),
    /** For test reports: a case for each rule. */
    junit: withItems(itemsJunit),
    /** For a browser: a page that stands alone. */
    html: withItems(itemsHtml),
    /** For editors and logs: one thing a line. */
    lines: withItems(itemsLines),
  };
}

/** How short words can be, and what those asked about come to. */
export interface Abbreviations {
  /** The scopes whose names are told. */
  readonly scopes: readonly NameScope[];
  /** What each word that was asked about comes to, in each scope. */
  readonly resolved: readonly WordResolution[];
  /** Whether words were asked about: then the text tells of these alone. */
  readonly isAsked: boolean;
  /** The programs whose names they are: of each it is told which parser it uses, where that is known. Nothing is told where not given. */
  readonly programs?: readonly Interface[];
}

/** Reports of how short options, commands and values can be written. */
export const ABBREVIATION_REPORTS = {
  /** For people. */
  text: ({ scopes, resolved, isAsked, programs = [] }, { text }) =>
    (isAsked ? resolutionsText(resolved, text) : abbreviationsText(scopes, text)) +
    parsersText(programs, text),
  /** For programs. */
  json: ({ scopes, resolved, programs = [] }, { tool }) =>
    abbreviationsJson(scopes, resolved, programs, tool),
} as const satisfies Reports<Abbreviations>;

/** Reports of an audit. */
export const AUDIT_REPORTS = {
  /** For people. */
  text: (audit, { text, inFull = false }) => auditText(audit, text, inFull),
  /** For programs. */
  json: (audit, { problems = [], tool }) => auditJson(audit, problems, tool),
  ...listing(auditItems),
  /** For a browser: a page that stands alone, with the letters of each command and the tables of the standards. */
  html: (audit, { problems = [], tool }) => auditHtml(audit, problems, tool),
  /** What fixes the findings, as far as that is certain. */
  patch: ({ fixes }) => editsPatch(fixes.edits),
} as const satisfies Reports<Audit>;

/** Reports of what changed between two versions. */
export const COMPARISON_REPORTS = {
  /** For people. */
  text: (sides, { text }) => comparisonText(sides, text),
  /** For programs. */
  json: (sides, { tool }) => comparisonJson(sides, tool),
  ...listing(comparisonItems),
  /** For a change log or a page. */
  markdown: (sides) => comparisonMarkdown(sides),
  /** What fixes the calls that were looked for. */
  patch: ({ callers }) => editsPatch(callers?.edits.edits ?? []),
} as const satisfies Reports<ComparedSides>;

/** Reports of what added names would do. */
export const WHAT_IF_REPORTS = {
  /** For people. */
  text: (answers, { text }) => whatIfText(answers, text),
  /** For programs. */
  json: (answers, { tool }) => whatIfJson(answers, tool),
  ...listing(whatIfItems),
  /** For a change log or a page. */
  markdown: (answers) => whatIfMarkdown(answers),
  /** What fixes the calls that were looked for. */
  patch: (answers) => editsPatch(answers.flatMap(({ callers }) => callers?.edits.edits ?? [])),
} as const satisfies Reports<readonly AnsweredWhatIf[]>;

/** Reports of what completion offers. */
export const COVERAGE_REPORTS = {
  /** For people. */
  text: (shells, { text }) => coverageText(shells, text),
  /** For programs. */
  json: (shells, { tool }) => coverageJson(shells, tool),
  ...listing(coverageItems),
} as const satisfies Reports<readonly ShellCoverage[]>;

/** Reports of the calls of a program. */
export const CALLERS_REPORTS = {
  /** For people. */
  text: (found, { text }) => callersText(found, text),
  /** For programs. */
  json: (found, { tool }) => callersJson(found, tool),
  ...listing(callersItems),
  /** What writes abbreviations in full. */
  patch: ({ invocations }) => editsPatch(namesInFull(invocations).edits),
} as const satisfies Reports<CallersFound>;

/** Reports of how a command line is read. */
export const TRACE_REPORTS = {
  /** For people. */
  text: (trace, { text }) => traceText(trace, text),
  /** For programs. */
  json: (trace, { tool }) => traceJson(trace, tool),
} as const satisfies Reports<Trace>;

/** Reports of how help output is read, line by line. */
export const ANNOTATION_REPORTS = {
  /** For people. */
  text: (annotation, { text }) => annotationText(annotation, text),
  /** For programs. */
  json: (annotation, { tool }) => annotationJson(annotation, tool),
} as const satisfies Reports<HelpAnnotation>;

/** Reports that list checks. */
export const CATALOGUE_REPORTS = {
  /** For people. */
  text: (checks, { text }) => catalogueText(checks, text),
  /** For programs. */
  json: (checks, { tool }) => explainJson(checks, tool),
  /** For a change log or a page. */
  markdown: (checks) => catalogueMarkdown(checks),
} as const satisfies Reports<readonly Check[]>;

/** Reports that explain checks one by one. */
export const CHECK_REPORTS = {
  /** For people. */
  text: (checks, { text }) => checks.map((check) => checkText(check, text)).join('\n'),
  /** For programs. */
  json: (checks, { tool }) => explainJson(checks, tool),
} as const satisfies Reports<readonly Check[]>;
