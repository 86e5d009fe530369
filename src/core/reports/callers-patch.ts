import type { CallersFound } from '../callers/find-callers.ts';
import { namesInFull } from '../callers/names-in-full.ts';
import { editsByFile } from '../edits/text-edits.ts';
import { unifiedDiff } from '../edits/unified-diff.ts';

/** A patch that writes the names in full that calls abbreviate; empty where none is. */
export function callersPatch({ invocations }: CallersFound): string {
  return editsByFile(namesInFull(invocations).edits).map(unifiedDiff).join('');
}
