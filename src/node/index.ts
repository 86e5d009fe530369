export { capturePlan } from './capture/capture-plan.ts';
export {
  CAPTURE_DEFAULTS,
  type Capture,
  type CaptureProgress,
  type CaptureSettings,
  captureProgram,
} from './capture/capture-program.ts';
export type { ProgramRun, RunEnd } from './capture/run-program.ts';
export type { ReadResult } from './read-result.ts';
export { BYTE_LIMIT, readSourceFile, readSourceStream } from './read-source.ts';
export { writeTextFile } from './write-file.ts';
