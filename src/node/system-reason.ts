/** What the codes of system errors mean to whoever called the command. */
const REASONS: Readonly<Record<string, string>> = {
  EACCES: 'permission is denied',
  EPERM: 'permission is denied',
  ENOENT: 'there is no such file or folder; check the path',
  ENOTDIR: 'a part of the path is not a folder; check the path',
  EISDIR: 'expected a file, this is a directory',
  ELOOP: 'its symbolic links lead in a circle',
  ENAMETOOLONG: 'its name is too long',
  ENOSPC: 'no space is left on the device',
  EDQUOT: 'the disk quota is exceeded',
  EFBIG: 'the file would be too large',
  EROFS: 'the file system is read-only',
  EIO: 'the device failed',
  ENXIO: 'no device answers, or nobody is at the other end',
  E2BIG: 'the command line is too long',
  ETXTBSY: 'it is being written to',
  EMFILE: 'too many files are open',
};

/** Why the system refused something, in words with its code; the code alone where it needs none. */
export function systemReason(error: unknown): string {
  const code = error instanceof Error && 'code' in error ? String(error.code) : 'unknown reason';
  const reason = REASONS[code];
  return reason === undefined ? code : `${reason} (${code})`;
}
