import { CATALOGUE } from '../checks/catalogue.ts';
import { schemaOf } from '../structured/schema-of.ts';
import type { JsonSchema } from '../structured/shape/shape.ts';
import { settingsFormat } from './settings-format.ts';

/** The JSON Schema (draft 2020-12) of settings, made from the definition that the reader goes by. */
export function settingsSchema(): JsonSchema {
  return schemaOf(settingsFormat(CATALOGUE), {
    title: 'Settings',
    description: 'How Dabbawala audits a program or a family of programs.',
  });
}
