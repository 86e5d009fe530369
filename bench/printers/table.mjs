// Scores by library and kind of fact.
import { readHelp } from 'dabbawala';
import { scoreAlarms } from './alarms.mjs';
import { KINDS, scoreHelp } from './score.mjs';

/** How many wrong readings are shown. */
const SHOWN = 40;

/** Counts of what a reading of a library's prints got right: `{counts: {KIND: {right, of}}}`. Wrong ones of one kind are written out. */
export function scoreLibrary({ truths, own }, wanted) {
  const counts = Object.fromEntries(KINDS.map((kind) => [kind, { right: 0, of: 0 }]));
  let shown = 0;
  for (const truth of truths) {
    const { interface: cli } = readHelp({ name: 'help', text: truth.text });
    const wrong = [];
    const tell = (kind, isRight, about) => {
      counts[kind].of++;
      if (isRight) counts[kind].right++;
      else if (kind === wanted) wrong.push(about);
    };
    scoreHelp(truth, cli, own, tell);
    scoreAlarms(truth, cli, tell);
    if (wrong.length > 0 && shown < SHOWN) {
      shown += wrong.length;
      process.stdout.write(`${wrong.map((line) => `wrong: ${line}\n`).join('')}${truth.text}\n`);
    }
  }
  return { counts };
}

/** A Markdown table of percentages; a dash where nothing of a kind is printed. The last row counts every library alike. */
export function tableOf(rows) {
  const lines = rows.map(({ name, counts }) => [name, ...KINDS.map((kind) => percent(counts[kind]))]);
  const mean = KINDS.map((kind) => {
    const scores = rows.map(({ counts }) => counts[kind]).filter(({ of }) => of > 0);
    const sum = scores.reduce((total, { right, of }) => total + right / of, 0);
    return scores.length === 0 ? '-' : ((100 * sum) / scores.length).toFixed(1);
  });
  const table = [
    ['library', ...KINDS],
    ['---', ...KINDS.map(() => '---')],
    ...lines,
    ['each library alike', ...mean],
  ];
  const omitted = rows.map(({ name, omitted: kinds }) => {
    const counts = Object.entries(kinds).map(([kind, count]) => `${kind} ${count}`);
    return `${name}: ${counts.join(', ') || 'nothing'}\n`;
  });
  return `${table.map((cells) => `| ${cells.join(' | ')} |\n`).join('')}\nNot shown, and not asked:\n${omitted.join('')}`;
}

function percent({ right, of }) {
  if (of === 0) return '-';
  // No figure is rounded up to all.
  return (Math.floor((1000 * right) / of) / 10).toFixed(1);
}
