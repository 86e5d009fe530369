// What an audit finds in an interface, and whether it names a fault.
import { audit, joinInterfaces, readHelp } from 'dabbawala';
import { helpsOf } from './page.mjs';

/** Says nothing about a fault: a text that grew is wider. */
const TOO_WIDE = 'help/too-wide';

/** The findings of an audit of all helps of an interface. */
export function findingsOf(from) {
  const read = helpsOf(from).flatMap(({ path, text }) => {
    const [program, ...command] = path;
    return readHelp({ name: path.join(' '), text }, { program, command, width: from.width }).interface ?? [];
  });
  return audit(joinInterfaces(read)).findings;
}

/** The findings that came with a fault. */
export function freshFindings(sound, faulty) {
  const known = new Set(sound.map(keyOf));
  return faulty.filter((finding) => !known.has(keyOf(finding)) && finding.check !== TOO_WIDE);
}

/** Whether findings name a fault by one of its words: `warned`, `noted` or `missed`, and the checks that do. */
export function verdictOf(fresh, names) {
  const naming = fresh.filter((finding) => names.some((name) => spokenOf(finding).includes(name)));
  const isLoud = naming.some(({ level }) => level !== 'note');
  return {
    verdict: isLoud ? 'warned' : naming.length > 0 ? 'noted' : 'missed',
    checks: naming.map(({ check }) => check),
  };
}

/** What a finding is about, wherever it stands. */
function keyOf({ check, command, subject, message }) {
  return [check, command.join(' '), subject, message].join('|');
}

/** What a finding says, and the words that it is about. */
function spokenOf({ message, subject, evidence, data }) {
  return [message, subject, evidence, JSON.stringify(data)].join('\n');
}
