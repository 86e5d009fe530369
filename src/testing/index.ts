/**
 * Tests of a program's interface, and of checks of one's own.
 *
 * @module dabbawala/testing
 */

export { assertCheck, type CheckedTexts, type ExpectedWords, runCheck } from './assert-check.ts';
export { assertNothingBreaks, type BreakSettings } from './assert-nothing-breaks.ts';
export { assertSourcesAgree } from './assert-sources-agree.ts';
export { assertNoFindings, auditProgram, type ProgramSettings } from './audit-program.ts';
