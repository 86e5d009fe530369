/** Shows a line on standard error in place of the one before; takes it away where there is no text. */
export function showProgress(text: string | undefined): void {
  const columns = process.stderr.columns || 80;
  process.stderr.write(`\r\x1b[K${(text ?? '').slice(0, columns - 1)}`);
}

/** Asks a question on standard error; yes is a line that begins with y. */
export async function askAtTerminal(question: string): Promise<boolean> {
  const { createInterface } = await import('node:readline/promises');
  const reader = createInterface({ input: process.stdin, output: process.stderr });
  try {
    return /^y/i.test(await reader.question(`${question} (y/n) `));
  } finally {
    reader.close();
  }
}

/** The signals by which users and systems end a command. */
const INTERRUPTS = ['SIGINT', 'SIGTERM', 'SIGHUP', 'SIGQUIT'] as const;

/** A signal that is given at the first interrupt, so that what was started can be ended; a second one ends the command. */
export function stopSignal(): AbortSignal {
  const controller = new AbortController();
  const stop = () => {
    controller.abort();
    for (const name of INTERRUPTS) process.removeListener(name, stop);
  };
  for (const name of INTERRUPTS) process.on(name, stop);
  return controller.signal;
}
