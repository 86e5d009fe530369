export {
  BYTE_LIMIT,
  type ReadResult,
  readSourceFile,
  readSourceStream,
} from './read-source.ts';
