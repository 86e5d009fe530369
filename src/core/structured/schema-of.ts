import type { Definitions, JsonSchema, Shape } from './shape/shape.ts';

/** The JSON Schema (draft 2020-12) of documents of a shape. */
export function schemaOf<T>(
  shape: Shape<T>,
  about: { readonly title: string; readonly description: string },
): JsonSchema {
  const definitions: Definitions = new Map();
  const schema = shape.schema(definitions);
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    ...about,
    ...schema,
    $defs: Object.fromEntries([...definitions].sort(([a], [b]) => (a < b ? -1 : 1))),
  };
}
