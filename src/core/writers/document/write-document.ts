import {
  Document,
  isMap,
  isPair,
  isScalar,
  isSeq,
  type Node,
  type ScalarTag,
  type ToStringOptions,
  visit,
} from 'yaml';
import type { Interface } from '../../model/interface.ts';
import { escapedControls, jsonText } from '../../source/json-text.ts';
import { printable } from '../../source/printable.ts';
import type { DocumentValue } from './document-value.ts';
import { interfaceValue } from './interface-value.ts';

/** Columns after which long texts are broken. */
const LINE_WIDTH = 100;

/** A list of words is written in one line up to so many characters. */
const FLOW_LIMIT = 70;

/** An interface as an interface document in YAML, ending in a newline. Read again, it is the same model. */
export function documentYaml(cli: Interface): string {
  return yamlText(interfaceValue(cli));
}

/** An interface as an interface document in JSON, ending in a newline. Read again, it is the same model. */
export function documentJson(cli: Interface): string {
  return `${documentText(interfaceValue(cli), '')}\n`;
}

function yamlText(value: DocumentValue): string {
  const document = new Document(value);
  layOut(document);
  return shownYaml(document, { lineWidth: LINE_WIDTH, flowCollectionPadding: false });
}

/** A document as text that can be shown on a terminal: what holds controls stands in double quotes, with the controls as escapes. */
export function shownYaml(document: Document, options: ToStringOptions): string {
  const { tags } = document.schema;
  if (!tags.includes(WITH_CONTROLS)) tags.unshift(WITH_CONTROLS);
  return escapedControls(document.toString({ nullStr: '', ...options }));
}

/** How texts with controls are written. The escapes must be there before the writer looks how long a key is. */
const WITH_CONTROLS: ScalarTag = {
  tag: 'tag:yaml.org,2002:str',
  default: true,
  identify: (value) => typeof value === 'string' && hasControls(value),
  resolve: (text) => text,
  stringify: ({ value }) => jsonText(value),
};

function hasControls(text: string): boolean {
  const lines = text.replaceAll('\n', '');
  return printable(lines) !== lines;
}

/** Sets small lists and mappings in one line each. */
export function layOut(root: Document | Node): void {
  visit(root, (_, node, path) => {
    if (isSeq(node)) node.flow = !LINE_KEYS.has(keyOf(path.at(-1))) && isShort(node.items);
    if (isPair(node) && isMap(node.value) && FLOW_KEYS.has(keyOf(node))) {
      node.value.flow = isShort(node.value.items);
    }
    const list = path.at(-1);
    if (isMap(node) && isSeq(list) && FLOW_LISTS.has(keyOf(path.at(-2)))) node.flow = isShort(node.items);
    // An empty value reads as "nothing said"; `null` would look like a word.
    if (isScalar(node) && node.value === null) node.source = '';
  });
}

/** The keys of lists whose items are lines of their own. */
const LINE_KEYS: ReadonlySet<string> = new Set(['usage', 'examples']);

function keyOf(parent: unknown): string {
  return isPair(parent) && isScalar(parent.key) ? String(parent.key.value) : '';
}

/** The keys of small mappings that are easier to read in one line. */
const FLOW_KEYS: ReadonlySet<string> = new Set(['argument', 'complete', 'deprecated', 'range']);

/** The keys of lists whose items are small mappings. */
const FLOW_LISTS: ReadonlySet<string> = new Set(['unsure']);

function isShort(items: readonly unknown[]): boolean {
  const texts = items.map(shortText);
  return !texts.includes(undefined) && texts.join(', ').length <= FLOW_LIMIT;
}

/** The text of an item that may stand in one line with others; undefined where it may not. */
function shortText(item: unknown): string | undefined {
  if (isScalar(item)) return String(item.value);
  if (isSeq(item)) return isShort(item.items) ? `[${item.items.map(shortText).join(', ')}]` : undefined;
  if (!isPair(item)) return undefined;
  const value = shortText(item.value);
  return value === undefined ? undefined : `${shortText(item.key)}: ${value}`;
}

/** JSON by hand, since names may be called like members of every object. */
function documentText(value: DocumentValue, indent: string): string {
  const inner = `${indent}  `;
  if (value instanceof Map) {
    const pairs = [...(value as ReadonlyMap<string, DocumentValue>)].map(
      ([key, one]) => `${inner}${jsonText(key)}: ${documentText(one, inner)}`,
    );
    return pairs.length === 0 ? '{}' : `{\n${pairs.join(',\n')}\n${indent}}`;
  }
  if (Array.isArray(value)) {
    const items = (value as readonly DocumentValue[]).map((one) => inner + documentText(one, inner));
    return items.length === 0 ? '[]' : `[\n${items.join(',\n')}\n${indent}]`;
  }
  return jsonText(value);
}
