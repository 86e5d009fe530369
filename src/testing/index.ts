export { assertCheck, type CheckedTexts, type ExpectedWords, runCheck } from './assert-check.ts';
export { assertNoFindings, auditProgram, type ProgramSettings } from './audit-program.ts';
