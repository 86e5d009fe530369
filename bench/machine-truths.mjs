// Truths about programs on this machine: the parser of Python programs lists every option itself.
import { spawnSync } from 'node:child_process';

/** Modules of Python's own library that parse their command line with its standard parser, run as programs. */
const MODULES = [
  'ast',
  'calendar',
  'compileall',
  'dis',
  'gzip',
  'http.server',
  'inspect',
  'json.tool',
  'pickle',
  'pickletools',
  'py_compile',
  'random',
  'site',
  'sqlite3',
  'tarfile',
  'timeit',
  'tokenize',
  'trace',
  'unittest',
  'uuid',
  'venv',
  'zipapp',
  'zipfile',
];

/** Runs a module with the parser's own listing of options in place of its work. */
const PROBE = `
import argparse, json, runpy, sys
def report(parser, args=None, namespace=None):
    def strip(a): return [s for s in a.option_strings]
    options, commands = [], None
    for a in parser._actions:
        if isinstance(a, argparse._SubParsersAction): commands = [c.dest for c in a._choices_actions]
        if not a.option_strings or a.help == argparse.SUPPRESS: continue
        optional = a.nargs in ('?', '*')
        options.append(dict(names=a.option_strings, value='none' if a.nargs == 0 else 'optional' if optional else 'required',
            choices=[str(c) for c in a.choices] if a.choices else None))
    print(json.dumps(dict(help=parser.format_help(), options=options, commands=commands)))
    sys.exit(0)
argparse.ArgumentParser.parse_args = report
argparse.ArgumentParser.parse_known_args = report
sys.argv = [sys.argv[1]]
runpy.run_module(sys.argv[0], run_name='__main__', alter_sys=True)
`;

export function machineTruths() {
  return MODULES.flatMap((module) => {
    const { status, stdout } = spawnSync('python3', ['-c', PROBE, module], {
      encoding: 'utf8',
      input: '',
      timeout: 20_000,
      env: { PATH: process.env.PATH, LC_ALL: 'C', COLUMNS: '80' },
    });
    const line = stdout?.trim().split('\n').at(-1) ?? '';
    if (status !== 0 || !line.startsWith('{')) return [];
    return [entryOf(module, JSON.parse(line))];
  });
}

function entryOf(program, { help, options, commands }) {
  return {
    program,
    dialect: 'argparse on this machine',
    truth_source: "the parser's own table",
    help,
    options: options.map(({ names, value, choices }) => {
      const bare = (pattern, hyphens) =>
        names.filter((name) => pattern.test(name)).map((name) => name.slice(hyphens));
      return {
        short: bare(/^-[^-]$/, 1),
        long: bare(/^--/, 2),
        other: bare(/^-[^-]./, 1),
        value,
        choices,
        names_in_help: names,
        names_in_decl: names,
        choices_in_help: choices?.every((value) => help.includes(value)) ?? false,
      };
    }),
    subcommands: commands,
    subcommands_in_help: commands ?? [],
  };
}
