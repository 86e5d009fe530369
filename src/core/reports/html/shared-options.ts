import { optionsInReach } from '../../abbreviations/option-scope.ts';
import type { Interface } from '../../model/interface.ts';
import { longNames, type Option } from '../../model/option.ts';
import { shownPart } from '../../model/shown-part.ts';
import { type CommandAt, walkCommands } from '../../model/walk.ts';
import { wordsOf } from '../../words/text-likeness.ts';
import { html, type Markup, NOTHING } from './markup.ts';

/** So many commands and options are held against each other. */
const COMMANDS_SHOWN = 40;
const OPTIONS_SHOWN = 60;

/** What an option is at a command, beside what it is at the first that has it. */
type Standing = 'same' | 'other' | 'missing' | 'none';

/** An option that several commands have, by its long name. */
interface SharedOption {
  readonly name: string;
  readonly standings: readonly Standing[];
}

/** Which commands have which options of one name: where one means something else, and where one lacks that most have. */
export function sharedOptionsMarkup(cli: Interface): Markup {
  const commands = [...walkCommands(shownPart(cli))]
    .filter(({ command }) => command.options.items.length > 0)
    .slice(0, COMMANDS_SHOWN);
  const shared = sharedOptions(commands);
  if (commands.length < 2 || shared.length === 0) return NOTHING;
  const heads = commands.map(
    ({ path }) => html`<th scope="col"><span>${path.slice(1).join(' ') || path.join(' ')}</span></th>`,
  );
  const rows = shared.map(
    ({ name, standings }) =>
      html`<tr><th scope="row"><code>${name}</code></th>${standings.map((standing) => CELLS[standing])}</tr>`,
  );
  const title = `Options that commands of ${cli.program.value} share`;
  return html`<section><h2>Options that commands of <code>${cli.program.value}</code> share</h2>
<p><b class="same">●</b> takes the same and has a similar text, <b class="clash">◆</b> takes something else or is described otherwise, – is lacking where most commands have it.</p>
<div class="table" tabindex="0" role="region" aria-label="${title}"><table class="shared">
<thead><tr><td></td>${heads}</tr></thead>
<tbody>
${rows}</tbody></table></div></section>`;
}

const CELLS: Readonly<Record<Standing, Markup>> = {
  same: html`<td class="taken">●<span class="hidden"> the same</span></td>`,
  other: html`<td class="clash">◆<span class="hidden"> something else</span></td>`,
  missing: html`<td class="note">–<span class="hidden"> lacking</span></td>`,
  none: html`<td></td>`,
};

function sharedOptions(commands: readonly CommandAt[]): SharedOption[] {
  const uses = new Map<string, (Option | undefined)[]>();
  for (const [i, at] of commands.entries())
    for (const option of optionsInReach(at))
      for (const { text } of longNames(option)) {
        const own = uses.get(text) ?? commands.map(() => undefined);
        own[i] ??= option;
        uses.set(text, own);
      }
  return [...uses]
    .filter(([, own]) => own.filter((option) => option !== undefined).length > 1)
    .slice(0, OPTIONS_SHOWN)
    .map(([name, own]) => {
      const first = own.find((option) => option !== undefined);
      const isUsual = own.filter((option) => option !== undefined).length * 2 > own.length;
      return {
        name,
        standings: own.map((option): Standing => {
          if (option === undefined || first === undefined) return isUsual ? 'missing' : 'none';
          return isAlike(first, option) ? 'same' : 'other';
        }),
      };
    });
}

/** Whether two options take the same and share half of the words of their texts, as far as they have some. */
function isAlike(a: Option, b: Option): boolean {
  const [one, other] = [a.argument?.value.presence, b.argument?.value.presence];
  if (one !== undefined && other !== undefined && one !== other) return false;
  const [left, right] = [wordsOf(a.help?.value ?? ''), wordsOf(b.help?.value ?? '')];
  const shared = [...left].filter((word) => right.has(word)).length;
  return left.size === 0 || right.size === 0 || shared * 2 >= Math.min(left.size, right.size);
}
