/** What subcommands are called that do something; words that are as often nouns, such as `list` beside an order, count too. */
export const VERBS: ReadonlySet<string> = new Set(
  (
    'add apply approve assign attach build cancel check clean clear clone close commit compare convert copy create ' +
    'deactivate decrypt delete deny deploy describe destroy detach disable download edit enable encrypt enroll execute ' +
    'export fetch find format generate get grant import init insert inspect install invite join kill launch link list ' +
    'load lock login logout merge move open pause print publish pull push put read rebuild register reject release reload ' +
    'remove rename replace reserve reset restart restore resume revert revoke rotate run save scan search send set show ' +
    'shutdown sign start stop submit subscribe suspend sync terminate test unlink unlock unpack unregister unset untag ' +
    'update upgrade upload validate verify view wait watch write'
  ).split(' '),
);
