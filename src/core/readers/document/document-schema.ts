import type { Definitions, JsonSchema } from '../../structured/shape/shape.ts';
import { interfaceDocument } from './format/interface-format.ts';

/** The JSON Schema (draft 2020-12) of interface documents, made from the definition that the reader goes by. */
export function documentSchema(): JsonSchema {
  const definitions: Definitions = new Map();
  const schema = interfaceDocument.schema(definitions);
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Interface document',
    description: 'The command-line interface of a program, as Dabbawala reads and writes it.',
    ...schema,
    $defs: Object.fromEntries([...definitions].sort(([a], [b]) => (a < b ? -1 : 1))),
  };
}
