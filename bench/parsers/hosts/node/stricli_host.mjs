import { buildApplication, buildCommand, buildRouteMap, run } from '@stricli/core';
import { asksCommands, NAMES, show, words } from './probe.mjs';

const flag = { kind: 'boolean', brief: 'flag', optional: true };
const positional = { kind: 'array', parameter: { brief: 'file', parse: String } };
const docs = { brief: 'probe' };
const command = asksCommands
  ? buildRouteMap({
      routes: Object.fromEntries(
        NAMES.map((name) => [
          name,
          buildCommand({
            func: ({ all }, ...files) => show({ all }, {}, files, name),
            parameters: { flags: { all: flag }, aliases: { a: 'all' }, positional },
            docs,
          }),
        ]),
      ),
      aliases: { begin: 'start' },
      docs,
    })
  : buildCommand({
      func: ({ all, brief, outline, 'dry-run': dry, output, mode }, ...files) =>
        show({ all, brief, outline, 'dry-run': dry }, { output, mode }, files),
      parameters: {
        flags: {
          all: flag,
          brief: flag,
          output: { kind: 'parsed', brief: 'output', parse: String, optional: true },
          outline: flag,
          mode: { kind: 'enum', values: ['fast', 'slow', 'sleepy'], brief: 'mode', optional: true },
          'dry-run': flag,
        },
        aliases: { a: 'all', b: 'brief', o: 'output', n: 'dry-run' },
        positional,
      },
      docs,
    });
const application = buildApplication(command, { name: 'probe', versionInfo: { currentVersion: '1.0' } });
await run(application, words, { process });
