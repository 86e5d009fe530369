import { readDocument } from 'dabbawala';
import { saysTheSame } from 'dabbawala/model';
import { documentJson, documentYaml } from 'dabbawala/writers';

/** Controls that must not reach a terminal, but for the line feed and the tab. */
const RAW = /[\0-\x08\x0b-\x1f\x7f-\x9f\u202a-\u202e\u2066-\u2069]/;

/** Fails where something does not hold. */
export function hold(condition, what) {
  if (!condition) throw new Error(what);
}

/** Holds that every place in a value lies inside its source. */
export function holdPlaces(value, seen = new Set()) {
  if (typeof value !== 'object' || value === null || seen.has(value)) return;
  seen.add(value);
  if ('source' in value && 'start' in value && 'end' in value) {
    const { source, start, end } = value;
    if (typeof source?.text === 'string')
      hold(
        start >= 0 && start <= end && end <= source.text.length,
        `a place from ${start} to ${end} leaves its source`,
      );
    return;
  }
  for (const inner of value instanceof Map || value instanceof Set ? value.values() : Object.values(value))
    holdPlaces(inner, seen);
}

/** Holds that a text can be shown on a terminal as it is. */
export function holdShowable(text, what) {
  const found = RAW.exec(text);
  hold(
    found === null,
    `${what} has a control raw: ${JSON.stringify(text.slice(Math.max(0, (found?.index ?? 0) - 30)).slice(0, 60))}`,
  );
}

/** Holds that an interface is written so that it reads back as the same model: as YAML and JSON, or in turn where it is not to be thorough. */
export function holdWritten(from, size, isThorough) {
  const forms = [
    ['YAML', documentYaml],
    ['JSON', documentJson],
  ];
  for (const [form, write] of isThorough ? forms : [forms[size % 2]]) {
    const text = timed(`writing ${form}`, size, () => write(from));
    holdShowable(text, `the document in ${form}`);
    const { interface: again, problems } = timed(`reading ${form}`, Math.max(size, text.length), () =>
      readDocument({ name: 'again', text }),
    );
    hold(problems.length === 0, `the document in ${form} has problems: ${problems[0]?.message}`);
    hold(saysTheSame(again, withoutRemarks(from)), `the document in ${form} reads as another model`);
  }
}

/** An interface without the running text of its helps, which documents do not keep. */
function withoutRemarks(from) {
  const strip = (command) => ({
    ...command,
    remarks: [],
    commands: { ...command.commands, items: command.commands.items.map(strip) },
  });
  return { ...from, root: strip(from.root) };
}

/** What 100 kB may cost in one step, in milliseconds of CPU time. */
const MILLISECONDS = 2000;

/** Threads that run side by side in this process, whose CPU time is told together. */
let threads = 1;

export function setThreads(count) {
  threads = count;
}

/** Runs one step and holds that it takes no more CPU time than a text of its size may; gives its result. */
export function timed(what, size, run) {
  const allowed = MILLISECONDS * Math.max(1, size / 100_000);
  let result;
  let least = Number.POSITIVE_INFINITY;
  // A second time only where the first was too long: what was compiled or collected meanwhile does not count.
  for (let i = 0; i < 2 && least > allowed; i++) {
    const start = process.cpuUsage();
    result = run();
    const { user, system } = process.cpuUsage(start);
    least = Math.min(least, (user + system) / 1000 / threads);
  }
  hold(least <= allowed, `${what} took ${Math.round(least)} ms of CPU time for ${size} characters`);
  return result;
}
