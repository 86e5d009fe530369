// Ends a Node.js program where it is about to parse its command line, and says what its parser declares: an interface document on the
// descriptor that DABBAWALA_DECLARATIONS names. Without that variable nothing happens. Loaded before the program by --import.
import { writeSync } from 'node:fs';
import Module, { register, syncBuiltinESMExports } from 'node:module';
import util from 'node:util';

const wanted = process.env.DABBAWALA_DECLARATIONS;
delete process.env.DABBAWALA_DECLARATIONS;

/** What modules that are watched call when they are loaded; see `watch-modules.mjs`. */
const LOADED = Symbol.for('dabbawala.module-loaded');

if (wanted !== undefined) {
  const { readObject } = await import('dabbawala');
  const { documentJson } = await import('dabbawala/writers');

  const end = (object) => {
    const { interface: cli, problems } = readObject(object);
    // One that declares nothing of its own reads a part of the line first, and another is behind it.
    if (cli !== undefined && !declaresMore(cli.root)) return;
    const [problem] = problems;
    const text =
      cli === undefined ? JSON.stringify({ mistake: problem?.message ?? 'it is none' }) : documentJson(cli);
    let rest = Buffer.from(text);
    while (rest.length > 0) rest = rest.subarray(writeSome(Number(wanted), rest));
    // At once: nothing that the program would do at its end is done.
    process.kill(process.pid, 'SIGKILL');
  };

  /** Has a class tell of itself where it is about to parse. */
  const watchClass = (prototype, isParser) => {
    for (const name of ['parse', 'parseAsync', 'parseSync']) {
      if (typeof prototype?.[name] !== 'function') continue;
      const parse = prototype[name];
      prototype[name] = function (...words) {
        if (isParser(this)) end(this);
        return parse.apply(this, words);
      };
    }
  };

  const seen = new WeakSet();
  /** Watches the parser of a module, told by what the module exports. */
  const watch = (exported) => {
    if (
      (typeof exported !== 'object' && typeof exported !== 'function') ||
      exported === null ||
      seen.has(exported)
    )
      return;
    seen.add(exported);
    const { Command, CAC, Yargs = exported.default ?? exported } = exported;
    if (typeof Command?.prototype?.parseAsync === 'function') watchClass(Command.prototype, () => true);
    else if (typeof CAC?.prototype?.parse === 'function') watchClass(CAC.prototype, () => true);
    else if (typeof Yargs === 'function' && Yargs.prototype?.parse === undefined) {
      const instance = Yargs([]);
      if (typeof instance?.getInternalMethods === 'function')
        watchClass(
          Object.getPrototypeOf(instance),
          (object) => typeof object?.getInternalMethods === 'function',
        );
    }
  };
  globalThis[LOADED] = watch;

  /** yargs before version 17 has no class: what its factory makes is told to tell, one by one. */
  const toldBy = (factory) => {
    if (typeof factory !== 'function') return factory;
    const made = (...words) => {
      const program = factory(...words);
      const parse = program?._parseArgs;
      if (typeof parse !== 'function') return program;
      program._parseArgs = (...line) => {
        end(program);
        return parse(...line);
      };
      return program;
    };
    return Object.assign(made, factory);
  };

  const load = Module._load;
  Module._load = function (request, parent, ...others) {
    const exported = load.call(this, request, parent, ...others);
    if (/^(?:.*[/\\])?(?:commander|yargs|cac)(?:[/\\]index\.c?js)?$/.test(request)) watch(exported);
    if (!isFactoryOfYargs(request, parent)) return exported;
    return typeof exported === 'function' ? toldBy(exported) : { ...exported, Yargs: toldBy(exported.Yargs) };
  };
  register('./watch-modules.mjs', import.meta.url);

  const { parseArgs } = util;
  util.parseArgs = (config = {}) => {
    end(config);
    return parseArgs(config);
  };
  syncBuiltinESMExports();
}

/** Whether a module that is asked for is the one in which yargs before version 17 makes its objects. */
function isFactoryOfYargs(request, parent) {
  if (request === 'yargs/yargs') return true;
  const isOwn = /[/\\]node_modules[/\\]yargs[\w.-]*[/\\][^/\\]+$/.test(parent?.filename ?? '');
  return isOwn && (request === './yargs' || request === './build/index.cjs');
}

/** Whether a command has more than the options that parsers add by themselves. */
function declaresMore({ options, commands, operands }) {
  const added = new Set(['--help', '--version']);
  const isOwn = ({ names }) => !names.some(({ text }) => added.has(text));
  return commands.items.length > 0 || operands.items.length > 0 || options.items.some(isOwn);
}

/** Writes as much as there is room for; a pipe that is full is waited for. */
function writeSome(descriptor, bytes) {
  try {
    return writeSync(descriptor, bytes);
  } catch (mistake) {
    if (mistake.code === 'EAGAIN') return 0;
    throw mistake;
  }
}
