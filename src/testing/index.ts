export { assertSound, auditProgram, type ProgramSettings } from './audit-program.ts';
