// How much of one truth a reading got right, as counts of what is right and of how much was asked.

/**
 * `declared`: names in the left column that were found; `mentioned`: names anywhere in the text; `true`: found names that the program
 * has; `linked`: letters and long names put in one option; `argument`: none, optional or mandatory; `values`: all allowed
 * values; `commands`: subcommands found; `commands-true`: found subcommands that exist; `prefixes`: what prefixes of long
 * names come to, as far as the text shows all names; `prefixes-named`: the same with the names.
 */
export const MEASURES = [
  'declared',
  'mentioned',
  'true',
  'linked',
  'argument',
  'values',
  'commands',
  'commands-true',
  'prefixes',
  'prefixes-named',
];

/** Names that programs take without listing them among their options. */
const ALWAYS = new Set(['-h', '--help', '-?', '-help', '-V', '-v', '--version', '-version', '--usage']);

const HYPHENS = { short: '-', long: '--', other: '-' };

function namesOf(option, kinds) {
  return kinds.flatMap((kind) => option[kind].map((name) => HYPHENS[kind] + name));
}

/** Compares a reading (`options`, `subcommands`) with an entry of truths. */
export function scoreEntry(entry, got) {
  const kinds = entry.truth_covers ?? ['short', 'long', 'other'];
  const isWhole = entry.truth_complete !== false && Boolean(entry.truth_source);
  const byName = new Map();
  for (const option of got.options) {
    for (const name of namesOf(option, kinds)) if (!byName.has(name)) byName.set(name, option);
  }
  const found = (names) => ({ right: names.filter((name) => byName.has(name)).length, of: names.length });
  const unique = (key) => [...new Set(entry.options.flatMap((option) => option[key]))];
  return {
    declared: found(unique('names_in_decl')),
    mentioned: found(unique('names_in_help')),
    true: isWhole ? scoreTrue(entry, kinds, byName) : nothing(),
    linked: isWhole ? scoreLinked(entry, byName) : nothing(),
    argument: isWhole ? scoreArgument(entry, byName) : nothing(),
    values: scoreValues(entry, byName),
    ...scoreCommands(entry, got.subcommands),
    ...scorePrefixes(entry, got.prefixes),
  };
}

function nothing() {
  return { right: 0, of: 0 };
}

function count(verdicts) {
  return { right: verdicts.filter(Boolean).length, of: verdicts.length };
}

function scoreTrue(entry, kinds, byName) {
  const real = new Set(entry.options.flatMap((option) => namesOf(option, kinds)));
  const neutral = new Set(entry.inherited_names ?? []);
  const judged = [...byName.keys()].filter(
    (name) => real.has(name) || !(ALWAYS.has(name) || neutral.has(name)),
  );
  return count(judged.map((name) => real.has(name)));
}

function scoreLinked(entry, byName) {
  const pairs = entry.options.filter(({ linked, names_in_decl }) => {
    const hasBoth =
      names_in_decl.some((name) => name.startsWith('--')) &&
      names_in_decl.some((name) => /^-[^-]/.test(name));
    return linked !== false && hasBoth;
  });
  return count(
    pairs
      .filter(({ short, long }) => short.length > 0 && long.length > 0)
      .map(({ short, long, names_in_decl }) =>
        names_in_decl.some((name) => {
          const option = byName.get(name);
          return (
            option?.short.some((one) => short.includes(one)) && option.long.some((one) => long.includes(one))
          );
        }),
      ),
  );
}

function shownName({ names_in_decl }, byName) {
  const shown = names_in_decl.filter((name) => byName.has(name));
  return shown.find((name) => name.startsWith('--')) ?? shown[0];
}

function scoreArgument(entry, byName) {
  return count(
    entry.options.flatMap((option) => {
      const name = shownName(option, byName);
      if (name === undefined || option.value === 'unknown' || option.value_shown === false) return [];
      const { value } = byName.get(name);
      return [value === option.value || (value === option.short_value && !name.startsWith('--'))];
    }),
  );
}

function scoreValues(entry, byName) {
  return count(
    entry.options.flatMap((option) => {
      const name = shownName(option, byName);
      if (name === undefined || !option.choices || !option.choices_in_help) return [];
      const groups = (option.choice_groups ?? option.choices.map((one) => [one])).map((group) =>
        group.map(String),
      );
      const read = byName.get(name).choices ?? [];
      const known = new Set(groups.flat());
      return [
        read.length > 0 &&
          read.every((one) => known.has(one)) &&
          groups.every((group) => group.some((one) => read.includes(one))),
      ];
    }),
  );
}

function scorePrefixes(entry, read) {
  const shown = Object.entries(entry.prefixes ?? {}).filter(([, { shown: isShown }]) => isShown);
  const list = (names) => [...new Set(names ?? [])].sort().join(' ');
  const same = shown.map(([prefix, { verdict }]) => (read?.[prefix]?.verdict ?? 'unknown') === verdict);
  const named = shown.map(([prefix, { verdict, name, names }], i) => {
    if (!same[i]) return false;
    if (verdict === 'ambiguous') return list(read[prefix].names) === list(names);
    return verdict !== 'unique' || name === undefined || read[prefix].name === name;
  });
  return { prefixes: count(same), 'prefixes-named': count(named) };
}

function scoreCommands(entry, read) {
  if (!entry.subcommands) return { commands: nothing(), 'commands-true': nothing() };
  const aliases = Object.values(entry.aliases ?? entry.subcommand_detail?.aliases ?? {}).flat();
  const hidden = new Set([...aliases, ...(entry.hidden_subcommands ?? [])]);
  const wanted = entry.subcommands_in_help.filter((name) => !hidden.has(name));
  const real = new Set([...entry.subcommands, ...aliases, 'help']);
  return {
    commands: count(wanted.map((name) => read.includes(name))),
    'commands-true': count(read.map((name) => real.has(name))),
  };
}
