import type { NameScope } from '../../abbreviations/name-scope.ts';
import { optionScopes } from '../../abbreviations/option-scope.ts';
import type { Interface } from '../../model/interface.ts';
import { html, type Markup, NOTHING } from './markup.ts';

/** So many commands, names of one, and steps of a name are drawn. */
const SCOPES_SHOWN = 20;
const NAMES_SHOWN = 60;
const STEPS_SHOWN = 12;

/** A stretch of letters that some names share, and what they go on with. */
interface Branch {
  readonly letters: string;
  /** The name that ends here. */
  readonly name: string | undefined;
  readonly branches: readonly Branch[];
}

/** How the long names of each command branch: where two of them part is how much has to be typed of each. */
export function branchesMarkup(cli: Interface): Markup {
  const scopes = optionScopes(cli)
    .filter(({ index, accepted }) => index.names.length > 2 && accepted?.value !== false)
    .slice(0, SCOPES_SHOWN);
  const trees = scopes.flatMap((scope) => {
    const [tree] = branchesOf(scope.index.names.slice(0, NAMES_SHOWN), 0, 0);
    // Where no two names begin alike, their first letters are enough.
    return tree === undefined || tree.branches.every(({ branches }) => branches.length === 0)
      ? []
      : html`<div class="tree"><h3><code>${scope.at.path.join(' ')}</code></h3><ul>${branchMarkup(tree, '', scope)}</ul></div>`;
  });
  if (trees.length === 0) return NOTHING;
  return html`<details><summary><h2>How the names of <code>${cli.program.value}</code> branch</h2></summary>
<p>Each step adds the letters that names share. Bold is what has to be typed, if abbreviations are accepted: what stands behind it may be left out. Commands of which no two names begin alike are not shown.</p>
<div class="trees">${trees}</div></details>`;
}

/** Names that are sorted and have their first letters in common, as a tree. */
function branchesOf(names: readonly string[], from: number, depth: number): Branch[] {
  const groups: string[][] = [];
  for (const name of names) {
    const last = groups.at(-1);
    if (last !== undefined && (last[0] ?? '')[from] === name[from] && name.length > from) last.push(name);
    else groups.push([name]);
  }
  return groups.map((group) => {
    const [first = ''] = group;
    const last = group.at(-1) ?? first;
    let end = from;
    while (end < first.length && end < last.length && first[end] === last[end]) end++;
    if (group.length === 1 || depth >= STEPS_SHOWN) end = first.length;
    const rest = group.filter((name) => name.length > end);
    const isSplit = group.length > 1 && depth < STEPS_SHOWN;
    return {
      letters: first.slice(from, end),
      name: first.length === end ? first : undefined,
      branches: isSplit ? branchesOf(rest, end, depth + 1) : [],
    };
  });
}

function branchMarkup({ letters, name, branches }: Branch, before: string, scope: NameScope): Markup {
  const path = before + letters;
  const shortest = name === undefined ? path : scope.index.shortest(name);
  const needed = Math.max(0, Math.min(letters.length, shortest.length - before.length));
  const below = branches.map((branch) => branchMarkup(branch, path, scope));
  return html`<li><code><span class="before">${before}</span><b>${letters.slice(0, needed)}</b>${letters.slice(needed)}</code>${below.length === 0 ? NOTHING : html`<ul>${below}</ul>`}</li>`;
}
