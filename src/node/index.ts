export type { ReadResult } from './read-result.ts';
export { BYTE_LIMIT, readSourceFile, readSourceStream } from './read-source.ts';
