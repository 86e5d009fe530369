/** A JSON Schema, or a part of one. */
export type ReportSchema = { readonly [key: string]: unknown };

export const text: ReportSchema = { type: 'string' };
export const integer: ReportSchema = { type: 'integer', minimum: 0 };
export const truth: ReportSchema = { type: 'boolean' };

/** Anything that is plain JSON. */
export const anything: ReportSchema = {};

/** Texts that are one of some words. */
export function oneOf(words: readonly string[]): ReportSchema {
  return { enum: words };
}

/** What is described in a sentence. */
export function said(schema: ReportSchema, description: string): ReportSchema {
  return { ...schema, description };
}

/** What may be null. */
export function orNull(schema: ReportSchema): ReportSchema {
  return { anyOf: [schema, { type: 'null' }] };
}

export function list(items: ReportSchema): ReportSchema {
  return { type: 'array', items };
}

/** An object with some keys, all of which are there but for `optional` ones; later versions may add others. */
export function keys(
  properties: Readonly<Record<string, ReportSchema>>,
  optional: readonly string[] = [],
): ReportSchema {
  const required = Object.keys(properties).filter((key) => !optional.includes(key));
  return { type: 'object', properties, required };
}

/** The path of a command, the program's name first. */
export const path = said(list(text), "The path of the command, the program's name first.");

const position = keys({ line: integer, column: integer, offset: integer });

/** A part of a source. */
export const place = said(
  keys({ source: text, start: position, end: position }),
  'A part of a source: lines and columns from 1, columns and offsets in UTF-16 units, the end behind the last unit.',
);

/** The keys that every report begins with. */
export const HEAD: Readonly<Record<string, ReportSchema>> = {
  version: said({ const: 1 }, 'The version of this format; later ones only add keys.'),
  tool: keys({ name: text, version: text }),
};

/** A report by its name and its keys. */
export function report(title: string, description: string, properties: ReportSchema): ReportSchema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title,
    description,
    ...properties,
  };
}
