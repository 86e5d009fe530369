import type { AcceptedFinding, AcceptedOutcome } from './accepted/accepted-finding.ts';
import { acceptedInDocuments } from './accepted/accepted-in-documents.ts';
import { passOver } from './accepted/pass-over.ts';
import { AuditView } from './audit-view.ts';
import type { Invocation } from './callers/find-callers.ts';
import { CATALOGUE, type CatalogueCheck } from './checks/catalogue.ts';
import { areaOf, type Check, type CheckResult, type FindingOf } from './checks/define-check.ts';
import { listKey } from './collections/list-key.ts';
import { GNU_RULES } from './conformance/gnu/gnu-rules.ts';
import { POSIX_GUIDELINES } from './conformance/posix/posix-guidelines.ts';
import { type ConformanceRow, judgeRules } from './conformance/rule.ts';
import { type AuditFixes, NO_FIXES } from './findings/audit-fixes.ts';
import type { Finding, NotJudged, Outcome } from './findings/finding.ts';
import { compareFindings } from './findings/order.ts';
import { settledByDoubts } from './findings/settled-by-doubts.ts';
import { expectKeys, MisuseError } from './messages/misuse-error.ts';
import { helpPart } from './model/help-part.ts';
import type { Interface } from './model/interface.ts';
import type { Inventory, Shell } from './model/inventory.ts';
import { shownPart } from './model/shown-part.ts';
import { isWanted, settledLevel } from './settings/levels.ts';
import {
  type AuditSelection,
  knownSelectors,
  PartedSelection,
  unknownSelectors,
} from './settings/selection.ts';
import { DEFAULT_SETTINGS, type Settings } from './settings/settings.ts';
import { DoubtedSources } from './source/doubted-sources.ts';
import { WordLists } from './words/word-lists.ts';

/** How one check ended over all interfaces. */
export interface CheckOutcome<Name extends string = string> {
  /** The check's name. */
  readonly check: Name;
  /** How it ended. */
  readonly outcome: Outcome;
  /** How many options, operands or commands it judged. */
  readonly judged: number;
}

/** The conformance tables of one interface. */
export interface Conformance {
  /** The name of the program. */
  readonly program: string;
  /** The table of POSIX's guidelines (XBD 12.2); empty where no check of the area `posix` was asked. */
  readonly posix: readonly ConformanceRow[];
  /** The table of the GNU Coding Standards; empty where no check of the area `gnu` was asked. */
  readonly gnu: readonly ConformanceRow[];
}

/** What an audit by some checks found, and how much it could judge. */
export interface Audit<AnyCheck extends Check = Check> {
  /** What was audited. */
  readonly interfaces: readonly Interface[];
  /** The checks that were run. */
  readonly checks: readonly AnyCheck[];
  /** In the order of their places. */
  readonly findings: readonly FindingOf<AnyCheck>[];
  /** What became of accepted findings. */
  readonly accepted: AcceptedOutcome;
  /** What could not be judged, and what to do so that it can be. */
  readonly notJudged: readonly NotJudged<AnyCheck['name']>[];
  /** How each check ended, in the order of the catalogue. */
  readonly outcomes: readonly CheckOutcome<AnyCheck['name']>[];
  /** How each program stands to the standards. */
  readonly conformance: readonly Conformance[];
  /** What surely fixes the findings in their own texts, where `fixAudit` was asked; nothing where not. */
  readonly fixes: AuditFixes;
}

/** How an audit is to go. */
export interface AuditOptions<Checks extends readonly Check[] = readonly Check[]> {
  /** What is run: the catalogue where not given. `[...CATALOGUE, own]` adds a check of one's own. */
  readonly checks?: Checks;
  /** What is looked at; everything where not given. */
  readonly selection?: AuditSelection;
  /** The levels, the word lists and the version of the catalogue; parsing rules and claims are for `applySettings`. */
  readonly settings?: Settings;
  /** Other programs of the family, with which names are compared and which are not audited themselves. */
  readonly family?: readonly Interface[];
  /** What completion offers for the programs. */
  readonly inventories?: readonly Inventory[];
  /** The shells for which there is to be a completion. */
  readonly shells?: readonly Shell[];
  /** Calls of the programs, as `findCallers` has them: the abbreviations that they use are told. */
  readonly callers?: readonly Invocation[];
  /** Findings that are accepted, which are not told. */
  readonly accepted?: readonly AcceptedFinding[];
  /** Today, as `2027-01-31`: what is accepted until an earlier day is told again. No day has passed where not given. */
  readonly today?: string | undefined;
}

/**
 * Runs checks, those of the catalogue or those given, over interfaces and holds them against the standards. Interfaces of several programs are
 * a family: what differs between two is reported of the later one. The same input gives the same audit. Throws a MisuseError where the selection names
 * what is no check, area or command (nothing would be looked at, and all seem well), where an option is none of those here, and where two checks have one name.
 */
export function audit<const Checks extends readonly Check[] = readonly CatalogueCheck[]>(
  interfaces: readonly Interface[],
  options: AuditOptions<Checks> = {},
): Audit<Checks[number]> {
  // What each check finds is typed by its own declaration; here all are alike.
  return runAudit(interfaces, options) as Audit<Checks[number]>;
}

/** The options of an audit, with all that is not given. */
function withDefaults(options: AuditOptions): Required<AuditOptions> {
  const defaults = {
    checks: CATALOGUE,
    selection: {},
    settings: DEFAULT_SETTINGS,
    family: [],
    inventories: [],
    shells: [],
    callers: [],
    accepted: [],
    today: undefined,
  };
  expectKeys('audit', options, {
    checks: true,
    selection: true,
    settings: true,
    family: true,
    inventories: true,
    shells: true,
    callers: true,
    accepted: true,
    today: true,
  });
  return { ...defaults, ...options };
}

function refuseUnknownNames(
  interfaces: readonly Interface[],
  { checks, selection }: Required<AuditOptions>,
): void {
  expectKeys('audit: selection', selection, { only: true, except: true });
  const twice = checks.find(({ name }, i) => checks.findIndex((one) => one.name === name) < i);
  if (twice !== undefined)
    throw new MisuseError({
      argument: 'audit: checks',
      expected: 'checks of different names',
      found: twice.name,
    });
  const [found] = unknownSelectors(selection, interfaces, checks);
  if (found !== undefined)
    throw new MisuseError({
      argument: 'audit: selection',
      expected: 'a check, an area or a command',
      found,
      names: knownSelectors(interfaces, checks),
    });
}

function runAudit(interfaces: readonly Interface[], options: AuditOptions): Audit {
  const all = withDefaults(options);
  refuseUnknownNames(interfaces, all);
  const { checks: given, selection, settings, family, inventories, shells, callers } = all;
  const words = new WordLists(settings.words);
  const others = family.filter(
    ({ program }) => !interfaces.some((cli) => cli.program.value === program.value),
  );
  const views = interfaces.map(
    (cli, i) =>
      new AuditView(cli, {
        words,
        siblings: [...others, ...interfaces.slice(0, i)],
        inventories,
        shells,
        callers,
      }),
  );
  const parted = new PartedSelection(selection, given);
  const checks = given.filter((check) => parted.hasCheck(check.name) && isWanted(check, settings));
  // Who asks for other areas only is not held up by the tables of the standards.
  const hasArea = (area: string) => given.some(({ name }) => areaOf(name) === area && parted.hasCheck(name));
  const results = views.flatMap((view) => resultsOf(view, checks, words, parted, settings));
  const outcomes = checks.map(({ name }) =>
    outcomeOf(
      name,
      results.filter((result) => result.check === name),
    ),
  );
  const found = results.flatMap((result) => result.findings).sort(compareFindings);
  const { findings, ...accepted } = passOver(
    found,
    [...all.accepted, ...acceptedInDocuments(interfaces, found)],
    {
      checks,
      today: all.today,
      hasLooked: (check, command) =>
        outcomes.some((one) => one.check === check && one.outcome !== 'not-judged') &&
        interfaces.some((cli) => cli.program.value === command[0]) &&
        parted.hasCommand(command),
    },
  );
  return {
    interfaces,
    checks,
    findings,
    accepted,
    notJudged: results.flatMap((result) => result.notJudged),
    outcomes,
    fixes: NO_FIXES,
    conformance: views.map((view) => ({
      program: view.interface.program.value,
      posix: hasArea('posix') ? judgeRules(POSIX_GUIDELINES, view) : [],
      gnu: hasArea('gnu') ? judgeRules(GNU_RULES, view) : [],
    })),
  };
}

/** The areas that judge how things are called. */
const SHOWN_AREAS: ReadonlySet<string> = new Set(['names', 'posix', 'gnu']);

/** What some checks say of one interface, as it is wanted. */
function resultsOf(
  view: AuditView,
  checks: readonly Check[],
  words: WordLists,
  parted: PartedSelection,
  settings: Settings,
): CheckResult[] {
  const doubted = new DoubtedSources(view.interface.sources);
  const help = helpPart(view.interface);
  // Names that help leaves out are kept for old callers, and nobody is to choose among them.
  const shown = shownPart(view.interface);
  const shownView = shown === view.interface ? view : view.of(shown);
  const helpView = help === undefined ? undefined : new AuditView(help, { words, siblings: [] });
  return checks.map((check) => {
    // Readers of the help have nothing but the help.
    const isOfHelp = helpView !== undefined && areaOf(check.name) === 'help';
    const own = SHOWN_AREAS.has(areaOf(check.name)) ? shownView : view;
    const result = isOfHelp ? withOthers(check.run(view), check.run(helpView)) : check.run(own);
    return settled(check, result, doubted, parted, settings);
  });
}

/** A result with the findings of another one about other things. */
function withOthers(result: CheckResult, other: CheckResult): CheckResult {
  const keyOf = ({ command, subject }: Finding) => listKey([...command, subject]);
  const known = new Set(result.findings.map(keyOf));
  const more = other.findings.filter((finding) => !known.has(keyOf(finding)));
  return more.length === 0
    ? result
    : { ...result, outcome: 'findings', findings: [...result.findings, ...more] };
}

/** A result with the levels that are wanted, without what is not, and with notes alone where a source may have been misread. */
function settled(
  check: Check,
  result: CheckResult,
  doubted: DoubtedSources,
  selection: PartedSelection,
  settings: Settings,
): CheckResult {
  const findings = result.findings.flatMap((finding) => {
    const level = settledLevel(check, finding.level, finding.command, settings);
    const isLeftOut = level === 'off' || !selection.hasCommand(finding.command);
    return isLeftOut ? [] : [settledByDoubts({ ...finding, level }, doubted)];
  });
  const notJudged = result.notJudged.filter(
    ({ command }) =>
      selection.hasCommand(command) && settledLevel(check, check.level, command, settings) !== 'off',
  );
  return { ...result, findings, notJudged };
}

const GRAVEST_FIRST: readonly Outcome[] = ['findings', 'not-judged', 'clean', 'not-applicable'];

function outcomeOf<Name extends string>(check: Name, results: readonly CheckResult[]): CheckOutcome<Name> {
  return {
    check,
    outcome:
      GRAVEST_FIRST.find((outcome) => results.some((result) => result.outcome === outcome)) ??
      'not-applicable',
    judged: results.reduce((sum, result) => sum + result.judged, 0),
  };
}
