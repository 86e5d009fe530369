import type { TextEdit } from '../edits/text-edits.ts';
import { jsonText } from '../source/json-text.ts';
import { LineIndexes } from '../source/line-index.ts';
import { printable } from '../source/printable.ts';
import { inFile, type Place, type Span } from '../source/source.ts';
import { fileUri } from './file-uri.ts';
import type { ReportItem, ReportItems, ReportRule } from './items/report-items.ts';
import type { Tool } from './tool.ts';

/** So much of the text at a place is quoted, in UTF-16 units. */
const SNIPPET_LIMIT = 400;

/** Items in SARIF 2.1.0, for pages that show what code scanning found; columns count UTF-16 units. */
export function itemsSarif({ items, passedOver, rules, problems }: ReportItems, tool: Tool): string {
  const places = new SarifPlaces();
  const indexes = new Map(rules.map(({ name }, i) => [name, i]));
  const log = {
    $schema: 'https://docs.oasis-open.org/sarif/sarif/v2.1.0/errata01/os/schemas/sarif-schema-2.1.0.json',
    version: '2.1.0',
    runs: [
      {
        tool: { driver: { name: tool.name, version: tool.version, rules: rules.map(sarifRule) } },
        columnKind: 'utf16CodeUnits',
        invocations: [
          {
            executionSuccessful: problems.every(({ consequence }) => consequence !== 'unusable'),
            toolExecutionNotifications: problems.map(({ code, message, place, consequence }) => ({
              descriptor: { id: code },
              level: consequence === 'unusable' ? 'error' : 'warning',
              message: sarifMessage([message]),
              ...(place === null ? {} : { locations: [places.location(place)] }),
            })),
          },
        ],
        results: [
          ...items.map((item) => sarifResult(item, indexes.get(item.rule), places)),
          ...passedOver.map(({ item, because }) => ({
            ...sarifResult(item, indexes.get(item.rule), places),
            suppressions: [{ kind: 'external', justification: printable(because) }],
          })),
        ],
      },
    ],
  };
  return `${jsonText(log, 2)}\n`;
}

function sarifRule({ name, title, why, level }: ReportRule) {
  return {
    id: name,
    shortDescription: { text: title },
    fullDescription: { text: why },
    help: { text: why },
    defaultConfiguration: { level },
    properties: { tags: [name.slice(0, name.indexOf('/'))] },
  };
}

function sarifResult(item: ReportItem, ruleIndex: number | undefined, places: SarifPlaces) {
  const { rule, level, message, fix, command, place, related, fingerprint, edits } = item;
  const notes = related.flatMap(({ place: other, note }) =>
    other === null ? [] : [{ ...places.location(other), message: sarifMessage([note]) }],
  );
  return {
    ruleId: rule,
    ...(ruleIndex === undefined ? {} : { ruleIndex }),
    level,
    message: sarifMessage(fix === '' ? [message] : [message, `To fix it: ${fix}`]),
    locations: [
      {
        ...(place === null ? {} : places.location(place)),
        logicalLocations: [{ fullyQualifiedName: printable(command.join(' ')), kind: 'command' }],
      },
    ],
    ...(notes.length === 0 ? {} : { relatedLocations: notes.map((note, id) => ({ id, ...note })) }),
    partialFingerprints: { 'what/v1': fingerprint },
    ...(edits.length === 0 ? {} : { fixes: [{ artifactChanges: places.changes(edits) }] }),
  };
}

/** Sentences as a message: what looks like a link or like a part to be filled in stands as it is. */
function sarifMessage(sentences: readonly string[]) {
  const text = sentences.map((one) => printable(one).replace(/(?<![.?!])$/, '.')).join(' ');
  return { text: text.replace(/\[(?=[^\]]*\]\()/g, '\\[').replace(/\{(\d+)\}/g, '{{$1}}') };
}

/** Places as SARIF has them, in the files that they are in. */
class SarifPlaces {
  readonly #indexes = new LineIndexes();

  location(place: Span) {
    const { source, start, end } = inFile(place);
    return {
      physicalLocation: {
        artifactLocation: { uri: fileUri(source.name) },
        region: {
          ...this.#region(place),
          snippet: { text: source.text.slice(start, Math.min(end, start + SNIPPET_LIMIT)) },
        },
      },
    };
  }

  /** The edits, by the files that they are made in. */
  changes(edits: readonly TextEdit[]) {
    const files = new Map<string, TextEdit[]>();
    for (const edit of edits) {
      const uri = fileUri(inFile(edit.place).source.name);
      files.set(uri, [...(files.get(uri) ?? []), edit]);
    }
    return [...files].map(([uri, own]) => ({
      artifactLocation: { uri },
      replacements: own.map(({ place, text }) => ({
        deletedRegion: this.#region(place),
        insertedContent: { text },
      })),
    }));
  }

  #region(place: Exclude<Place, null>) {
    const [start, end] = [this.#indexes.start(place), this.#indexes.end(place)];
    return {
      startLine: start.line,
      startColumn: start.column,
      endLine: end.line,
      endColumn: end.column,
      charOffset: start.offset,
      charLength: Math.max(0, end.offset - start.offset),
    };
  }
}
