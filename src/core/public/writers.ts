/**
 * An interface out as document, reference, manual page or completion script.
 *
 * @module dabbawala/writers
 */

export { acceptedSchema } from '../accepted/accepted-schema.ts';
export { documentSchema } from '../readers/document/document-schema.ts';
export { REPORT_SCHEMAS } from '../reports/schemas/report-schemas.ts';
export { settingsSchema } from '../settings/settings-schema.ts';
export { bashCompletion } from '../writers/completion/bash-script.ts';
export { completionProblems } from '../writers/completion/completion-problems.ts';
export { fishCompletion } from '../writers/completion/fish-script.ts';
export { type MissingLines, missingLines } from '../writers/completion/missing-lines.ts';
export { zshCompletion } from '../writers/completion/zsh-script.ts';
export { type UpdatedDocument, updateDocument } from '../writers/document/update-document.ts';
export { documentJson, documentYaml } from '../writers/document/write-document.ts';
export {
  COMPLETION_WRITERS,
  DOCUMENT_WRITERS,
  WRITERS,
  type Writer,
  type WrittenForm,
} from '../writers/forms.ts';
export { helpText } from '../writers/help/help-text.ts';
export { manualPage } from '../writers/manual/manual-page.ts';
export { referenceMarkdown } from '../writers/markdown/reference.ts';
