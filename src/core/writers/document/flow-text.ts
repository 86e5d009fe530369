import { Document, type Node, visit } from 'yaml';
import { jsonText } from '../../source/json-text.ts';
import type { DocumentValue } from './document-value.ts';
import { shownYaml } from './write-document.ts';

/** A value in one line of YAML, as it may stand within brackets and braces. */
export function flowYaml(value: DocumentValue): string {
  const document = new Document([value]);
  visit(document, {
    Collection: (_, node) => {
      node.flow = true;
    },
  });
  const text = shownYaml(document as Document<Node>, { lineWidth: 0, flowCollectionPadding: false }).trim();
  return text.slice(1, -1).trim();
}

/** A value in one line of JSON. */
export function flowJson(value: DocumentValue): string {
  if (value instanceof Map)
    return `{${[...(value as ReadonlyMap<string, DocumentValue>)].map(([key, one]) => `${jsonText(key)}: ${flowJson(one)}`).join(', ')}}`;
  if (Array.isArray(value)) return `[${(value as readonly DocumentValue[]).map(flowJson).join(', ')}]`;
  return jsonText(value);
}
