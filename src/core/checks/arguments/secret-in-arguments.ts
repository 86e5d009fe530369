import { listNames, quoteName } from '../../messages/wording.ts';
import type { Command } from '../../model/command.ts';
import { mainName, type Option } from '../../model/option.ts';
import { nameWords } from '../../words/name-words.ts';
import { defineCheck } from '../define-check.ts';
import { type FaultyOptions, reportFaultyOptions } from '../faulty-options.ts';

/** One finding for each command with options that take a secret as their option-argument, where no other way for it is shown. */
export const secretInArguments = defineCheck({
  name: 'arguments/secret-in-arguments',
  level: 'warning',
  title: 'A secret is given as an option-argument',
  why: 'Every user of the machine can see command lines in the process list, and shells keep them in their history.',
  standard: 'practice',
  needs: ['the options that take a value'],
  since: 1,
  examples: {
    wrong:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --password=WORD: log in to the ledger with WORD\n  --quiet: say nothing\n',
    right:
      'dabbawala: 1\nprogram: tiffin\noptions:\n  --password-file=FILE: read the word for the ledger from FILE\n  --quiet: say nothing\n',
    nearMiss:
      'Usage: tiffin [OPTION]...\n\n  --token=TOKEN   log in with TOKEN [env: TIFFIN_TOKEN]\n  --password-name=NAME  which stored word to use\n' +
      '  --output-token=BOX  write the token to BOX\n  --secret=NAME[,lid=LID]  a secret for the carrier\n' +
      '  --clear-password=USER  empty the word of USER\n  --ask-password  ask for a word on the terminal\n  --passphrase[=WORD]  the word for the ledger, solicited on the tty if left out\n',
  },
  judge: (view, report) =>
    reportFaultyOptions(view, report, {
      among: ({ argument }) => argument !== undefined && argument.value.presence !== 'none',
      isAtFault(option, { command }) {
        const secret = secretWord(option);
        return secret !== undefined && !isCounted(secret, command) && !hasOtherWay(option, secret, command);
      },
      placeOf: (option) => mainName(option).place,
      // Help output tells other ways to give a secret in too many words to know them all.
      levelOf: (faulty) => (faulty.every(({ place }) => view.isHelp(place)) ? 'note' : undefined),
    }),
  apart: true,
  message: ({ names }: FaultyOptions) =>
    `${listNames(names)} ${names.length === 1 ? 'takes a secret' : 'take secrets'} on the command line, and no other way to pass ${names.length === 1 ? 'it' : 'them'} is shown`,
  fix: ({ names }) =>
    `accept ${names.length === 1 ? 'it' : 'each'} from a file, standard input or the environment, and say so in the help of ${names.length === 1 ? quoteName(names[0] ?? '') : 'each'}`,
});

const SECRETS: ReadonlySet<string> = new Set([
  'password',
  'passwd',
  'passphrase',
  'passcode',
  'token',
  'secret',
  'credential',
  'credentials',
]);
/** `smtppasswd`: a secret with a word joined to it. */
const JOINED = /(?<=[a-z]{2})(?:password|passwd|passphrase)$/;

/** The secret that a word of a name is, or ends with; undefined where it is none. */
function secretIn(word: string): string | undefined {
  return SECRETS.has(word) ? word : JOINED.exec(word)?.[0];
}

/** Words behind a secret that still name the secret itself; any other, as in `token-cache`, names a thing about it. */
const STILL_SECRET: ReadonlySet<string> = new Set([
  'value',
  'string',
  'text',
  'plain',
  'new',
  'old',
  'confirm',
  'again',
]);

/** The last words of all names of a command's options, once for each command. */
const LAST_WORDS = new WeakMap<Command, ReadonlySet<string>>();

/** Whether an option is about several of them, `--unused-tokens`: then they are no secrets. */
function isCounted(secret: string, command: Command): boolean {
  const known =
    LAST_WORDS.get(command) ??
    new Set(
      command.options.items.flatMap(({ names }) =>
        names.map(({ text }) => nameWords(text).at(-1)?.toLowerCase() ?? ''),
      ),
    );
  LAST_WORDS.set(command, known);
  return known.has(`${secret}s`);
}

/** The word of an option's name that says that its value is a secret. */
function secretWord(option: Option): string | undefined {
  for (const name of option.names) {
    if (name.form === 'short') continue;
    const words = nameWords(name.text).map((word) => word.toLowerCase());
    const secret = words.map(secretIn).find((word) => word !== undefined) ?? secretKey(words);
    // A token of a text, one that is searched for, or one that is cleared for somebody, is no secret, and a plural counts them.
    if (
      secret === undefined ||
      /^(?:match|find|search|filter|store|delete|remove|list|generate|export|import|clear|reset|revoke|expire|forget|show|print|rename)$/.test(
        words[0] ?? '',
      ) ||
      !(
        words.at(-1) === 'key' ||
        secretIn(words.at(-1) ?? '') !== undefined ||
        STILL_SECRET.has(words.at(-1) ?? '')
      ) ||
      isAboutFile(option) ||
      isWritten(option)
    )
      continue;
    // Secrets in the plural are things with names, kept elsewhere.
    if (!new RegExp(`\\b${secret}s\\b`, 'i').test(option.help?.value ?? '')) return secret;
  }
  return undefined;
}

/** `--api-key`, `--secret-key`: keys of locks have other words before them, and those of tables too. */
function secretKey(words: readonly string[]): 'key' | undefined {
  return words.at(-1) === 'key' && /^(?:api|secret|auth)$/.test(words.at(-2) ?? '') ? 'key' : undefined;
}

function isAboutFile(option: Option): boolean {
  const placeholder = option.argument?.value.words[0]?.placeholder?.value ?? '';
  // `--secret NAME[,target=PATH]`, `--secret TEXT  a secret (id=NAME,src=PATH)`: words about one, which is kept elsewhere.
  if (/[,=]/.test(placeholder) || /\b\w+=[\w<[]/.test(option.help?.value ?? '')) return true;
  return /file|path|method|fd|\bnum|\bn\b|number|bool|count|size|days/i.test(placeholder);
}

/** `--output-token=BOX  write the token to BOX`: the argument is where a secret goes, and not the secret. */
function isWritten({ argument, help }: Option): boolean {
  const placeholder = argument?.value.words[0]?.placeholder?.value.replace(/[<>[\]]/g, '');
  if (placeholder === undefined || !/^\w+$/.test(placeholder)) return false;
  return new RegExp(
    `\\b(?:write|save|store|print|put|export)s?\\b.* (?:to|in|into) ${placeholder}\\b`,
    'i',
  ).test(help?.value ?? '');
}

const OTHER_WAY =
  /\b(?:stdin|standard input|environment|env|file|descriptor|prompt(?:ed|s)?|asked|keyring|keychain|terminal|tty|console)\b|\$[A-Z_]{3,}/i;

function hasOtherWay(option: Option, secret: string, command: Command): boolean {
  // Without its argument, the option has the program ask.
  if (option.argument?.value.presence === 'optional') return true;
  if (option.environment.length > 0 || OTHER_WAY.test(option.help?.value ?? '')) return true;
  return (
    otherWays(command)
      .get(secret)
      ?.some((other) => other !== option) === true
  );
}

/** For each command, the options that tell of another way to give each secret: two of them at the most, since one may be that which takes it. */
const OTHER_WAYS = new WeakMap<Command, ReadonlyMap<string, readonly Option[]>>();

function otherWays(command: Command): ReadonlyMap<string, readonly Option[]> {
  const known = OTHER_WAYS.get(command);
  if (known !== undefined) return known;
  const ways = new Map<string, Option[]>();
  for (const option of command.options.items) {
    for (const secret of secretsGivenOtherwise(option)) {
      const found = ways.get(secret) ?? [];
      if (found.length < 2) ways.set(secret, [...found, option]);
    }
  }
  OTHER_WAYS.set(command, ways);
  return ways;
}

/** `--auth-file`, `--dest-authfile`, `--credential-helper`, `--keyring`: where log-ins are kept. */
const LOG_INS =
  /(?:auth(?:entication)?|cred(?:ential)?s?|log-?ins?|accounts?)(?:files?|store|helper|cache|path)$|key(?:ring|chain)|askpass/;

/** Words of a name that say where a secret comes from. */
const WAY = /^(?:file|fd|stdin|env|ask|prompt|command)$/;

/** `--user=NAME  who logs in (prompt if no password is given)`: what is behind the word. */
const ASKED = /\b(?:prompt|ask)(.*)/i;

/** The secrets that an option gives in another way, or whose text says that they are asked for. */
function secretsGivenOtherwise({ names, help }: Option): string[] {
  const found = new Set((ASKED.exec(help?.value ?? '')?.[1] ?? '').toLowerCase().match(/\w+/g));
  // The file that log-ins are kept in, for programs of all kinds.
  if (names.some(({ text }) => /netrc/.test(text)) || /\bnetrc\b/i.test(help?.value ?? ''))
    found.add('password');
  // A file or a store of log-ins holds secrets of every kind.
  if (names.some(({ text }) => LOG_INS.test(nameWords(text.toLowerCase()).join('')))) return [...SECRETS];
  for (const { text } of names) {
    const words = nameWords(text.toLowerCase());
    if (words.some((word) => WAY.test(word))) for (const word of words) found.add(word);
    // `--passwdfd`: run together.
    for (const word of words) {
      const joined = /^(.+)(?:file|fd|stdin|env)$/.exec(word)?.[1];
      if (joined !== undefined) found.add(joined);
    }
  }
  return [...SECRETS].filter((secret) => found.has(secret));
}
