/**
 * Files read and written, programs run for their help, shells asked for their completions: what needs Node.js.
 *
 * @module dabbawala/node
 */

export { callerFiles } from './caller-files.ts';
export { capturePlan } from './capture/capture-plan.ts';
export { type Capture, type CaptureProgress, captureProgram } from './capture/capture-program.ts';
export { CAPTURE_DEFAULTS, type CaptureSettings } from './capture/capture-settings.ts';
export {
  askShell,
  type NotAsked,
  OBSERVE_DEFAULTS,
  type ObserveSettings,
  observeCompletion,
  type ShellAnswers,
} from './completion/observe-completion.ts';
export { findFileUpwards } from './find-file.ts';
export { type LoadedChecks, loadChecks, OwnCheckError } from './load-checks.ts';
export type { ReadResult } from './read-result.ts';
export {
  BYTE_LIMIT,
  FOUND_BYTE_LIMIT,
  type ReadSettings,
  readFoundFile,
  readSourceFile,
  readSourceStream,
} from './read-source.ts';
export { type Rewritten, rewriteFile } from './rewrite-file.ts';
export type { ProgramRun, RunEnd } from './running/run-program.ts';
export { systemReason } from './system-reason.ts';
export { writeTextFile } from './write-file.ts';
