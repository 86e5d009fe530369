import { type Problem, readDocument } from 'dabbawala';
import { bringUpToDate, type Interface, mainName, walkCommands } from 'dabbawala/model';
import { readSourceFile } from 'dabbawala/node';
import { updateDocument } from 'dabbawala/writers';
import type { Io } from './io.ts';
import { reportProblem } from './report-problem.ts';

/** The text of a document with what sources say over it; undefined where it cannot be read. Tells of what it has and they lack. */
export async function updatedText(name: string, from: Interface, io: Io): Promise<string | undefined> {
  const { source, problems } = await readSourceFile(name);
  for (const problem of problems) reportProblem(problem, io);
  if (source === undefined) return undefined;
  const reading = readDocument(source);
  const document = reading.interface;
  if (document !== undefined && document.program.value !== from.program.value) {
    tell(
      name,
      `expected a document of '${from.program.value}', found one of '${document.program.value}'; '--program' names the program of the sources`,
      io,
    );
    return undefined;
  }
  const updated = updateDocument(source, document === undefined ? from : bringUpToDate(document, from));
  for (const problem of updated.problems) reportProblem(problem, io);
  if (updated.text === undefined || document === undefined) return undefined;
  for (const problem of keptOptions(document, from)) reportProblem(problem, io);
  if (!updated.kept) tell(name, 'its comments and its order could not be kept; it is written anew', io);
  return updated.text;
}

/** Options that a document has and the sources of the same commands lack; what is hidden need not be shown. */
function keptOptions(document: Interface, from: Interface): Problem[] {
  const shown = new Map([...walkCommands(from)].map(({ path, command }) => [path.join(' '), command]));
  return [...walkCommands(document)].flatMap(({ path, command }) => {
    const other = shown.get(path.join(' '));
    if (other === undefined || other.options.items.length === 0) return [];
    const known = new Set(other.options.items.flatMap(({ names }) => names.map(({ text }) => text)));
    return command.options.items
      .filter(({ names, hidden }) => hidden?.value !== true && !names.some(({ text }) => known.has(text)))
      .map((option) => ({
        code: 'option-kept',
        message: `the sources lack '${mainName(option).text}', which is kept; take it out if it is gone`,
        place: option.place,
        source: option.place?.source.name ?? '',
        consequence: 'partly-read' as const,
      }));
  });
}

function tell(name: string, message: string, io: Io): void {
  reportProblem({ code: 'update', message, place: null, source: name, consequence: 'partly-read' }, io);
}
