// How what a parser did differs from what its profile says.

/** One line for each difference; none where the profile has every fact. The messages of shells differ by shell and are not compared. */
export function differences(profile, { rules, added, messages }, withMessages) {
  const told = ofMaps('rules', profile.rules, rules);
  if (!withMessages) return told;
  told.push(...ofMaps('added', { options: profile.addedOptions, commands: profile.addedCommands }, added));
  if (profile.name === 'getopts') return told;
  const shown = Object.fromEntries(
    Object.entries(messages)
      .filter(([, { text }]) => text !== '')
      .map(([mistake, { text, status, stream }]) => [
        mistake,
        stream === 'standard output' ? { text, status, stream } : { text, status },
      ]),
  );
  return [...told, ...ofMaps('messages', profile.messages, shown)];
}

function ofMaps(what, said, found) {
  const keys = new Set([...Object.keys(said), ...Object.keys(found)]);
  return [...keys].flatMap((key) => {
    const [a, b] = [JSON.stringify(said[key]), JSON.stringify(found[key])];
    return a === b
      ? []
      : [`${what}.${key}: the profile says ${a ?? 'nothing'}, the parser shows ${b ?? 'nothing'}`];
  });
}
