/** What the codes of system errors mean to whoever called the command. */
const REASONS: Readonly<Record<string, string>> = {
  EACCES: 'permission is denied',
  EPERM: 'permission is denied',
  ENOENT: 'there is no such file or folder; check the path',
  ENOTDIR: 'a part of the path is no folder; check the path',
  EISDIR: 'expected a file, this is a directory',
  ELOOP: 'its symbolic links lead in a circle',
  ENAMETOOLONG: 'its name is too long',
  ENOSPC: 'no space is left on the device',
  EDQUOT: 'no space is left to this user',
  EFBIG: 'it would become larger than files may be here',
  EROFS: 'it is on a file system that can only be read',
  EIO: 'the device failed',
  ENXIO: 'no device answers, or nobody is at the other end',
  E2BIG: 'the command line is too long',
  ETXTBSY: 'it is being written',
  EMFILE: 'too many files are open',
};

/** Why the system refused something, in words with its code; the code alone where it needs none. */
export function systemReason(error: unknown): string {
  const code = error instanceof Error && 'code' in error ? String(error.code) : 'unknown reason';
  const reason = REASONS[code];
  return reason === undefined ? code : `${reason} (${code})`;
}
