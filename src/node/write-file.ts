import { rename, rm, writeFile } from 'node:fs/promises';

/** Writes a text to a file by way of a temporary name beside it, so that the file is never half written. */
export async function writeTextFile(path: string, text: string): Promise<void> {
  const temporary = `${path}.${process.pid}.tmp`;
  try {
    await writeFile(temporary, text, { flag: 'wx' });
    await rename(temporary, path);
  } catch (error) {
    await rm(temporary, { force: true });
    throw error;
  }
}
