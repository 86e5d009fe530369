import { editsByFile, type TextEdit } from '../edits/text-edits.ts';
import { unifiedDiff } from '../edits/unified-diff.ts';

/** Edits as a patch; empty where there are none. */
export function editsPatch(edits: readonly TextEdit[]): string {
  return editsByFile(edits).map(unifiedDiff).join('');
}
