import { AssertionError } from 'node:assert';
import {
  audit,
  type Check,
  detectShell,
  extendInterface,
  type FindingOf,
  joinInterfaces,
  readCompletion,
  readSource,
} from 'dabbawala';
import type { Interface, Inventory } from 'dabbawala/model';

/** What a check is run over. */
export interface CheckedTexts {
  /** A help output or an interface document. */
  readonly text: string;
  /** The document of an extension that is installed beside the program; none where not given. */
  readonly extension?: string;
  /** A second source of the program, which the text is joined with; none where not given. */
  readonly beside?: string;
  /** Completion scripts of the program; none where not given. */
  readonly completions?: readonly string[];
}

/** What the finding of a check's wrong example says, word for word; what is not given is not compared. */
export interface ExpectedWords {
  /** The message of the finding, word for word. */
  readonly message?: string;
  /** What to do, word for word. */
  readonly fix?: string;
}

/**
 * The findings of one check over a text, at the check's own level. Throws an AssertionError where a text cannot be read without problems: a check that
 * is silent about what was not read proves nothing.
 */
export function runCheck<AnyCheck extends Check>(
  check: AnyCheck,
  { text, extension, beside, completions = [] }: CheckedTexts,
): readonly FindingOf<AnyCheck>[] {
  const own = readWhole(text);
  const [base = own] = beside === undefined ? [own] : joinInterfaces([own, readWhole(beside)]);
  const cli = extension === undefined ? base : extendInterface(base, readWhole(extension));
  const inventories = completions.map((script) => readScript(script, cli.program.value));
  return audit([cli], { checks: [check], inventories }).findings;
}

/**
 * Tests a check by its own examples: the wrong one has exactly one finding, at the level of the check and with the words expected, the right one and the
 * near miss have none; message and fix are one sentence each, in lower case and without a full stop. Throws an AssertionError that says what is
 * not so.
 */
export function assertCheck(check: Check, expected: ExpectedWords = {}): void {
  const { name, level, examples } = check;
  const run = (which: 'wrong' | 'right' | 'nearMiss') =>
    runCheck(check, {
      text: examples[which],
      ...(examples.extension === undefined ? {} : { extension: examples.extension }),
      ...(examples.beside === undefined ? {} : { beside: examples.beside }),
      completions: examples.completions?.[which] ?? [],
    });
  const found = run('wrong');
  const [finding] = found;
  if (finding === undefined || found.length > 1)
    refuse(`${name}: expected one finding in the wrong example, found ${found.length}`, found.length, 1);
  if (finding.level !== level)
    refuse(`${name}: expected the level of the check in the wrong example`, finding.level, level);
  if (finding.evidence === '')
    refuse(`${name}: expected a place in the wrong example that can be quoted`, '', 'the text at the place');
  for (const part of ['message', 'fix'] as const) {
    const wanted = expected[part];
    if (wanted !== undefined && finding[part] !== wanted)
      refuse(`${name}: the ${part} is worded differently`, finding[part], wanted);
    if (!ONE_SENTENCE.test(finding[part]))
      refuse(`${name}: expected the ${part} in lower case, without a full stop`, finding[part], ONE_SENTENCE);
  }
  for (const which of ['right', 'nearMiss'] as const) {
    const messages = run(which).map(({ message }) => message);
    if (messages.length > 0) refuse(`${name}: expected no finding in the example '${which}'`, messages, []);
  }
}

/** A message begins with no capital and ends without a mark. */
const ONE_SENTENCE = /^(?![\p{Lu}\s]).*[^.!?\s]$/su;

function refuse(message: string, actual: unknown, expected: unknown): never {
  throw new AssertionError({ message, actual, expected, operator: 'assertCheck', stackStartFn: assertCheck });
}

function readWhole(text: string): Interface {
  const { interface: cli, problems } = readSource({ name: 'example', text });
  const [problem] = problems;
  if (cli !== undefined && problem === undefined) return cli;
  const reason = problem?.message ?? 'nothing was read';
  throw new AssertionError({
    message: `expected a text that is read without problems, found: ${reason}\n\n${text}`,
    actual: problems.map(({ message }) => message),
    expected: [],
    operator: 'runCheck',
    stackStartFn: runCheck,
  });
}

function readScript(text: string, program: string): Inventory {
  const source = { name: 'completion', text };
  const shell = detectShell(source);
  if (shell === undefined)
    throw new AssertionError({
      message: `expected a completion script, found:\n\n${text}`,
      stackStartFn: runCheck,
    });
  return readCompletion(source, shell, program);
}
