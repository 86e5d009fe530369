/**
 * Words an error of the argument parser as the GNU Coding Standards ask (4.4): the program first, no capital letter, no
 * full stop, and where to look.
 */
export function usageError(message: string, programName: string, commandPath: string): string {
  const [first = '', ...more] = message
    .trim()
    .replace(/^error: /, '')
    .split('\n');
  const suggestion = /Did you mean (?:one of )?(.*)\?\)/.exec(more.join(' '))?.[1];
  const hint = suggestion === undefined ? '' : `; did you mean '${suggestion}'?`;
  return `${programName}: ${wordValueError(first) ?? wordMissing(first) ?? wordOther(first)}${hint}\nTry '${commandPath} --help' for more.\n`;
}

const VALUE_ERROR = /^option '(?:-\w, )?(--[\w-]+)(?: <[^>]+>)?' argument '(.*)' is invalid\. (.*)$/;

function wordValueError(message: string): string | undefined {
  const match = VALUE_ERROR.exec(message);
  if (match === null) return undefined;
  const [, option, value, reason = ''] = match;
  return `'${value}' is no value of '${option}': ${wordOther(reason.replace(/^Allowed choices are/, 'expected one of'))}`;
}

function wordMissing(message: string): string | undefined {
  const match = /^required option '(--[\w-]+)(?: <(\w+)>)?' not specified$/.exec(message);
  return match === null ? undefined : `expected the option '${match[1]}=${match[2]}'`;
}

function wordOther(message: string): string {
  return message.replace(/\.$/, '').replace(/^[A-Z](?=[a-z])/, (letter) => letter.toLowerCase());
}
