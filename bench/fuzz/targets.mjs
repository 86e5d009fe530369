import {
  AUDIT_REPORTS,
  audit,
  detectKind,
  fixAudit,
  readCompletion,
  readDocument,
  readHelp,
  readManual,
  readObject,
  readScript,
  readSettings,
} from 'dabbawala';
import {
  CALLERS_REPORTS,
  COMPARISON_REPORTS,
  COVERAGE_REPORTS,
  compareCallers,
  compareInterfaces,
  coverage,
  editedText,
  editsByFile,
  findCallers,
  nameScopes,
  namesInFull,
  resolveWords,
  TRACE_REPORTS,
  traceWords,
} from 'dabbawala/analysis';
import {
  bashCompletion,
  completionProblems,
  fishCompletion,
  manualPage,
  missingLines,
  referenceMarkdown,
  updateDocument,
  zshCompletion,
} from 'dabbawala/writers';
import { hold, holdPlaces, holdShowable, holdWritten, timed } from './invariants.mjs';
import { mutated } from './mutate.mjs';
import { CALLER_FILES, INTERFACES, SEEDS } from './seeds.mjs';
import { TOKENS } from './tokens.mjs';

const TOOL = { name: 'dabbawala', version: '0' };
const TEXT = { width: 80, colour: false };
const CONTEXT = { tool: TOOL, text: TEXT };
const [TIFFIN] = INTERFACES;
const DEEPEST = 3;

/**
 * What is fed with inputs: `make` makes one from random numbers, as data; `run` reads it, throws where an invariant does not hold, and
 * gives the scripts and pages that were written, for the programs that check such. `size` is that of an input in characters.
 */
export const TARGETS = {
  help: textTarget('help', 'reading help', (source) => {
    detectKind(source.text);
    return readHelp(source);
  }),
  document: {
    make: (random) => mutated(random, SEEDS.document, 'document'),
    run(text, isThorough) {
      const source = { name: 'input', text };
      const reading = timed('reading a document', text.length, () => readDocument(source));
      holdPlaces(reading);
      if (reading.interface === undefined) {
        hold(reading.problems.length > 0, 'no interface, and no problem');
        return {};
      }
      holdWritten(reading.interface, text.length, isThorough);
      const updated = timed('updating a document', text.length, () => updateDocument(source, TIFFIN));
      if (updated.text !== undefined)
        holdWritten(
          readDocument({ name: 'updated', text: updated.text }).interface,
          updated.text.length,
          isThorough,
        );
      if (!isThorough) return {};
      if (reading.problems.length === 0)
        holdFixed(source, text.length, (edited) => {
          const { interface: cli, problems } = readDocument(edited);
          return cli === undefined || problems.length > 0 ? undefined : audit([cli]);
        });
      return everything(reading.interface, reading.problems, text.length);
    },
  },
  manual: auditedTarget('manual', 'reading a manual page', readManual),
  script: {
    ...auditedTarget('script', 'reading a script', (source) => readScript(source)),
    run(text) {
      const target = auditedTarget('script', 'reading a script', (source) => readScript(source));
      holdFixed({ name: 'input', text }, text.length, (edited) => {
        const { interface: cli } = readScript(edited);
        return cli === undefined ? undefined : audit([cli]);
      });
      return target.run(text);
    },
  },
  callers: {
    make: (random) => ({
      name: random.pick(Object.keys(CALLER_FILES)),
      text: mutated(random, SEEDS.callers, 'callers'),
    }),
    run(source) {
      const size = source.text.length;
      const found = timed('finding calls', size, () => findCallers([source], TIFFIN));
      holdPlaces(found.invocations);
      const compared = timed('comparing calls', size, () => compareCallers(found, TIFFIN, TIFFIN));
      hold(compared.changed.length === 0, 'a call is changed by the same version');
      for (const format of ['text', 'sarif', 'lines', 'markdown', 'html'])
        holdShowable(
          timed(`calls as ${format}`, size, () => CALLERS_REPORTS[format](found, CONTEXT)),
          `the calls as ${format}`,
        );
      const [file] = editsByFile(namesInFull(found.invocations).edits);
      if (file === undefined) return {};
      const again = findCallers([{ ...source, text: editedText(file) }], TIFFIN);
      hold(namesInFull(again.invocations).edits.length === 0, 'a name in full is written in full once more');
      return {};
    },
  },
  settings: {
    make: (random) => mutated(random, SEEDS.settings, 'settings'),
    run(text) {
      holdPlaces(timed('reading settings', text.length, () => readSettings({ name: 'input', text })));
      return {};
    },
  },
  bash: completion('bash'),
  zsh: completion('zsh'),
  fish: completion('fish'),
  words: {
    make: (random) => ({
      program: random.below(INTERFACES.length),
      words: Array.from({ length: random.below(random.once(20) ? 400 : 8) }, () => word(random)),
    }),
    run({ program, words }) {
      const from = INTERFACES[program];
      const trace = traceWords(from, words);
      for (const { text, parts } of trace.words)
        for (const { start, end } of parts)
          hold(start >= 0 && start <= end && end <= text.length, 'a part leaves its word');
      holdShowable(TRACE_REPORTS.text(trace, CONTEXT), 'the trace');
      JSON.parse(TRACE_REPORTS.json(trace, CONTEXT));
      resolveWords(nameScopes(from), words.slice(0, 8));
      return {};
    },
  },
  object: {
    make: (random) => anyObject(random, 0),
    run(made) {
      const reading = readObject(revived(made), { program: 'tiffin' });
      if (reading.interface !== undefined) holdWritten(reading.interface, 10_000, true);
      return {};
    },
  },
};

/** A reader of texts of one kind, whose places stand in the text. */
function textTarget(kind, what, read) {
  return {
    make: (random) => mutated(random, SEEDS[kind], kind),
    run(text, isThorough) {
      const reading = timed(what, text.length, () => read({ name: 'input', text }));
      holdPlaces(reading);
      if (reading.interface === undefined) {
        hold(reading.problems.length > 0, 'no interface, and no problem');
        return {};
      }
      holdWritten(reading.interface, text.length, isThorough);
      return isThorough ? everything(reading.interface, reading.problems, text.length) : {};
    },
  };
}

/** A reader of texts whose interfaces hold what no document does: they are audited and not written. */
function auditedTarget(kind, what, read) {
  return {
    make: (random) => mutated(random, SEEDS[kind], kind),
    run(text) {
      const reading = timed(what, text.length, () => read({ name: 'input', text }));
      holdPlaces(reading);
      if (reading.interface === undefined) {
        hold(reading.problems.length > 0, 'no interface, and no problem');
        return {};
      }
      const audited = timed('auditing', text.length, () => audit([reading.interface]));
      holdShowable(AUDIT_REPORTS.text(audited, CONTEXT), 'the audit');
      return {};
    },
  };
}

/**
 * Whether what fixes a text fixes it: it can be read, breaks nobody, and is fixed once for all; in so many rounds where words that damage has doubled are
 * taken out one by one.
 */
function holdFixed(source, size, auditOf, rounds = 1) {
  const before = auditOf(source);
  if (before === undefined) return;
  const fixed = (from, found) => {
    const edits = timed('fixing', size, () => fixAudit(found, (edits) => auditOf(withEdits(from, edits))));
    return withEdits(from, edits.edits);
  };
  const once = fixed(source, before);
  if (once.text === source.text) return;
  const after = auditOf(once);
  hold(after !== undefined, 'a fixed text cannot be read');
  for (const [i, cli] of before.interfaces.entries()) {
    const hurt = compareInterfaces(cli, after.interfaces[i]).changes.find(
      ({ effect }) => effect !== 'compatible' && effect !== 'wording',
    );
    hold(hurt === undefined, `a fix breaks callers: ${hurt?.message}`);
  }
  let [last, found] = [once, after];
  for (let i = 0; i < rounds; i++) {
    const next = fixed(last, found);
    if (next.text === last.text) return;
    hold(i + 1 < rounds, 'what is fixed is fixed once more');
    [last, found] = [next, auditOf(next)];
  }
}

function withEdits(source, edits) {
  const file = editsByFile(edits).find((one) => one.source === source);
  return file === undefined ? source : { name: source.name, text: editedText(file) };
}

function completion(shell) {
  return {
    make: (random) => mutated(random, SEEDS[shell], shell),
    run(text, isThorough) {
      const inventory = timed('reading a script', text.length, () =>
        readCompletion({ name: 'input', text }, shell, 'tiffin'),
      );
      holdPlaces(inventory);
      const shells = timed('coverage', text.length, () => coverage(TIFFIN, [inventory]));
      holdShowable(COVERAGE_REPORTS.text(shells, CONTEXT), 'the coverage');
      if (!isThorough) return {};
      holdFixed(
        { name: 'input', text },
        text.length,
        (edited) =>
          audit([TIFFIN], {
            inventories: [readCompletion(edited, shell, 'tiffin')],
            selection: { only: ['completion'] },
          }),
        3,
      );
      const lines = missingLines(TIFFIN, shells[0]).flatMap((one) => one.lines);
      return { [`${shell} lines`]: lines };
    },
  };
}

/** All that is done with an interface. */
function everything(from, problems, size) {
  const step = (what, run) => timed(what, size, run);
  const result = step('an audit', () => audit([from]));
  holdPlaces(result.findings);
  holdShowable(
    step('an audit as text', () => AUDIT_REPORTS.text(result, CONTEXT)),
    'the audit',
  );
  JSON.parse(step('an audit as JSON', () => AUDIT_REPORTS.json(result, { ...CONTEXT, problems })));
  const { changes } = step('comparing with itself', () => compareInterfaces(from, from));
  hold(changes.length === 0, `an interface differs from itself: ${changes[0]?.message}`);
  const comparison = step('comparing', () => compareInterfaces(from, TIFFIN));
  holdShowable(COMPARISON_REPORTS.text({ title: 'x', comparison }, CONTEXT), 'the comparison');
  holdShowable(
    step('the reference', () => referenceMarkdown(from)),
    'the reference',
  );
  completionProblems(from);
  return {
    man: step('the manual page', () => manualPage(from, '2026-11-24')),
    bash: step('the script for bash', () => bashCompletion(from)),
    zsh: step('the script for zsh', () => zshCompletion(from)),
    fish: step('the script for fish', () => fishCompletion(from)),
  };
}

function word(random) {
  const text = random.pick(TOKENS.words);
  const names = INTERFACES[random.below(INTERFACES.length)].root.options.items.flatMap((option) =>
    option.names.map((name) => name.text),
  );
  const known = names.length === 0 ? '' : random.pick(names);
  return random
    .pick([text, known, known.slice(0, random.below(known.length + 1)), known + text, text + known])
    .slice(0, 5000);
}

const KEYS = [
  'options',
  'type',
  'short',
  'multiple',
  'default',
  'args',
  'strict',
  'commands',
  '_name',
  '_description',
  'flags',
  'long',
  'name',
  'description',
  'parent',
  'registeredArguments',
  'rawName',
  'globalCommand',
  'getOptions',
  'alias',
  'describe',
  'choices',
  'demandOption',
  '__proto__',
  'constructor',
  'get',
];
const VALUES = [
  true,
  false,
  null,
  0,
  -1,
  '',
  'string',
  'boolean',
  'x',
  '--late <when>',
  '-l, --late',
  'box [name...]',
  '\x1b[1m',
  'é',
];

/** An object as data: what its getters do is told by marks, so that a failure can be printed. */
function anyObject(random, depth) {
  if (depth > DEEPEST || random.once(3)) return random.pick(VALUES);
  if (random.once(6)) return { $: random.pick(['throws', 'proxy', 'function', 'map', 'circle', 'symbol']) };
  if (random.once(5)) return Array.from({ length: random.below(4) }, () => anyObject(random, depth + 1));
  const entries = Array.from({ length: random.below(6) }, () => [
    random.pick(KEYS),
    anyObject(random, depth + 1),
  ]);
  return { entries };
}

/** The object that data stand for. */
function revived(data) {
  if (Array.isArray(data)) return data.map(revived);
  if (typeof data !== 'object' || data === null) return data;
  switch (data.$) {
    case 'proxy':
      return new Proxy(
        {},
        {
          get: refuse,
          has: refuse,
          ownKeys: refuse,
          getOwnPropertyDescriptor: refuse,
          getPrototypeOf: refuse,
        },
      );
    case 'function':
      return refuse;
    case 'map':
      return new Map([['options', 1]]);
    case 'symbol':
      return Symbol('x');
    case 'circle': {
      const circle = { options: {} };
      circle.options = circle;
      return circle;
    }
  }
  const object = {};
  for (const [key, value] of data.entries ?? []) {
    if (value?.$ === 'throws')
      Object.defineProperty(object, key, { enumerable: true, configurable: true, get: refuse });
    else
      Object.defineProperty(object, key, {
        enumerable: true,
        configurable: true,
        writable: true,
        value: revived(value),
      });
  }
  return object;
}

function refuse() {
  throw new Error('this object refuses');
}
