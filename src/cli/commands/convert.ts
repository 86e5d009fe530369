import { Option } from 'commander';
import {
  bashCompletion,
  documentJson,
  documentYaml,
  fishCompletion,
  type Interface,
  referenceMarkdown,
  zshCompletion,
} from 'dabbawala';
import type { Declare } from '../declare.ts';
import { DONE, UNUSABLE } from '../exit-status.ts';
import type { Io } from '../io.ts';
import { readGiven } from '../read-sources.ts';
import { reportError } from '../report-problem.ts';
import { addSourceOptions, type SourceOptions } from '../source-options.ts';

/** What a source can be written as. */
const WRITERS = {
  yaml: documentYaml,
  json: documentJson,
  markdown: referenceMarkdown,
  bash: bashCompletion,
  zsh: zshCompletion,
  fish: fishCompletion,
} as const satisfies Record<string, (from: Interface) => string>;

interface ConvertOptions extends SourceOptions {
  readonly to: keyof typeof WRITERS;
}

export const declare: Declare = (command, io, done) => {
  command
    .description(
      'Reads sources of one program and writes its interface in another form: as an interface document, a reference, or a completion script.',
    )
    .usage('[OPTION]... SOURCE...')
    .argument('<SOURCE...>', 'files with help output or interface documents; - is standard input')
    .addOption(
      new Option(
        '--to <FORM>',
        'the form to write: yaml and json are interface documents; bash, zsh and fish completion scripts',
      )
        .choices(Object.keys(WRITERS))
        .default('yaml'),
    );
  addSourceOptions(command).action(async (sources: string[], options: ConvertOptions) =>
    done(await runConvert(sources, options, io)),
  );
};

async function runConvert(names: readonly string[], options: ConvertOptions, io: Io): Promise<number> {
  const { interfaces, unusable } = await readGiven(names, options, io);
  const [first, ...others] = interfaces;
  if (first === undefined) return UNUSABLE;
  if (others.length > 0) {
    const programs = interfaces.map((from) => `'${from.program.value}'`).join(', ');
    reportError(`expected sources of one program, found ${programs}; convert them one by one`, io);
    return UNUSABLE;
  }
  io.write(WRITERS[options.to](first));
  return unusable ? UNUSABLE : DONE;
}
