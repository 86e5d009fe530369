import { schemaOf } from '../../structured/schema-of.ts';
import type { JsonSchema } from '../../structured/shape/shape.ts';
import { interfaceDocument } from './format/interface-format.ts';

/** The JSON Schema (draft 2020-12) of interface documents, made from the definition that the reader goes by. */
export function documentSchema(): JsonSchema {
  return schemaOf(interfaceDocument, {
    title: 'Interface document',
    description: 'The command-line interface of a program, as Dabbawala reads and writes it.',
  });
}
