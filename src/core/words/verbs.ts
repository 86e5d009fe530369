/** What subcommands are called that do something; words that are as often nouns, such as `list` beside an order, count too. */
export const VERBS: ReadonlySet<string> = new Set(
  (
    'add apply attach build cancel check clean clear clone close commit compare convert copy create deactivate delete deploy ' +
    'destroy detach disable download edit enable execute export fetch find format generate get import init install join kill ' +
    'launch link list load lock login logout merge move open pause publish pull push put read register release reload remove ' +
    'rename replace reset restart restore resume revert run save scan search send set show shutdown sign start stop ' +
    'submit subscribe suspend sync terminate test unlink unlock unregister unset update upgrade upload validate ' +
    'verify view wait watch write'
  ).split(' '),
);
