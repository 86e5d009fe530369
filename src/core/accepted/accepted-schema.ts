import { schemaOf } from '../structured/schema-of.ts';
import type { JsonSchema } from '../structured/shape/shape.ts';
import { acceptedFormat } from './read-accepted.ts';

/** The JSON Schema (draft 2020-12) of a file of accepted findings, made from the definition that the reader goes by. */
export function acceptedSchema(): JsonSchema {
  return schemaOf(acceptedFormat, {
    title: 'Accepted findings',
    description: 'Findings that audits by Dabbawala pass over, each with the reason.',
  });
}
