/** A text that is no source: what it looks like, and what to give instead. */
export interface ForeignText {
  readonly looksLike: string;
  readonly advice: string;
}

/** How much of a text is looked at, in characters. */
const LOOKED_AT = 64 * 1024;

/** The most lines of an error message that stands alone. */
const MESSAGE_LINES = 6;

const GIVE_HELP = "give what 'PROGRAM --help' prints, or an interface document";

/**
 * What a text looks like that is neither help output nor an interface document; undefined where it may be one. Each kind has marks that
 * help output does not have, so that none is refused that could be read.
 */
export function foreignText(text: string): ForeignText | undefined {
  const start = text.slice(0, LOOKED_AT);
  return KINDS.find(({ isOne }) => isOne(start))?.told;
}

interface ForeignKind {
  readonly isOne: (text: string) => boolean;
  readonly told: ForeignText;
}

const KINDS: readonly ForeignKind[] = [
  {
    isOne: isBinary,
    told: {
      looksLike: 'a program or other binary data',
      advice: `${GIVE_HELP}; 'dabbawala capture PROGRAM' runs a program for its help`,
    },
  },
  {
    isOne: (text) => text.startsWith('#!'),
    told: {
      looksLike: 'a script of a language that is not read',
      advice: `${GIVE_HELP}; 'dabbawala capture SCRIPT' runs it for its help`,
    },
  },
  {
    isOne: (text) => /^#(?:compdef|autoload)\b/.test(text),
    told: {
      looksLike: 'a completion script',
      advice: "give it to 'dabbawala coverage' after the source of its program",
    },
  },
  {
    isOne: (text) => /^\s*(?:<\?xml\b|<!doctype\b|<html\b)/i.test(text),
    told: { looksLike: 'a page in HTML or XML', advice: GIVE_HELP },
  },
  {
    isOne: isCrontab,
    told: { looksLike: 'a crontab', advice: GIVE_HELP },
  },
  {
    isOne: isData,
    told: {
      looksLike: 'JSON or YAML that is not an interface document',
      advice: "an interface document has the key 'dabbawala' with the version of its format, 1",
    },
  },
  {
    isOne: isStackTrace,
    told: {
      looksLike: 'the stack trace of a program that failed',
      advice: `run the program by itself until it prints its help, then ${GIVE_HELP}`,
    },
  },
  {
    isOne: isErrorMessage,
    told: {
      looksLike: 'an error message',
      advice: `run the program by itself until it prints its help, then ${GIVE_HELP}`,
    },
  },
];

/** Whether a text has what only data has: a null character, or many that stand for no character. */
function isBinary(text: string): boolean {
  if (text.includes('\0')) return true;
  const strange = text.match(/[\x01-\x07\x0e-\x1a\x1c-\x1f\ufffd]/g)?.length ?? 0;
  return strange > Math.max(4, text.length / 20);
}

const CRON_FIELD = String.raw`(?:\*|[\d*/,-]+|(?:mon|tue|wed|thu|fri|sat|sun|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[\w,-]*)`;
const CRON_LINE = new RegExp(
  String.raw`^[ \t]*(?:@(?:reboot|yearly|annually|monthly|weekly|daily|midnight|hourly)|${CRON_FIELD}(?:[ \t]+${CRON_FIELD}){4})[ \t]+\S`,
  'i',
);

/** Whether every line is one of a crontab: a time and a command, a variable, or a comment. */
function isCrontab(text: string): boolean {
  const lines = saidLines(text).filter((line) => !line.startsWith('#'));
  return (
    lines.some((line) => CRON_LINE.test(line)) &&
    lines.every((line) => CRON_LINE.test(line) || /^[A-Za-z_]\w*[ \t]*=/.test(line))
  );
}

/** Whether a text begins as JSON does, or as YAML does with the mark of a document. */
function isData(text: string): boolean {
  return (
    (/^\ufeff?\s*(?:\{\s*(?:"(?:[^"\\\n]|\\.)*"\s*:|\})|\[\s*(?:[{["\d\]]|true|false|null))/.test(text) &&
      !/^\s*\[[^\]\n]*\]\s*[A-Za-z]/.test(text)) ||
    /^\ufeff?(?:%YAML[^\n]*\n)?---[ \t]*\n(?:[ \t]*#[^\n]*\n)*["']?[\w.$-]+["']?:(?:[ \t]|\n)/.test(text)
  );
}

/** Lines that only the traces of failed programs have, by the language of the program. */
const TRACE =
  /^Traceback \(most recent call last\):|^\s+at [^\n]*\((?:[^()\n]*:\d+|Native Method|native|<anonymous>)\)$|^\s+at (?:file:\/\/|node:|\/)[^\n]*:\d+:\d+$|^goroutine \d+ \[|^thread '[^'\n]*'[^\n]* panicked at|^\s+from [^\n:]+:\d+:in [`']|^Exception in thread "|^Unhandled exception/m;

function isStackTrace(text: string): boolean {
  return TRACE.test(text) && !hasHelp(text);
}

/** How an error message ends, or begins behind the names of programs and files. */
const COMPLAINT =
  /^(?:[^\s:]+(?: [^\s:]+)?:[ \t]*)*(?:\d+:[ \t]*)*(?:error|fatal|panic|failed|cannot|can't|could not|couldn't|unable to|unknown|unrecogni[sz]ed|invalid|illegal|no such|not found|permission denied|command not found|segmentation fault|bad |missing |unexpected )\b|: (?:command not found|not found|No such file or directory|Permission denied|Is a directory|cannot execute[^\n]*)$/i;

/** Whether a text is an error message and nothing else. */
function isErrorMessage(text: string): boolean {
  const lines = saidLines(text);
  const [first = ''] = lines;
  const isAlone = !hasHelp(text) && !LISTED.test(text) && !/\busage:|\[-{1,2}\w/i.test(text);
  return lines.length <= MESSAGE_LINES && COMPLAINT.test(first.trim()) && isAlone;
}

/** A line of a list of options. */
const LISTED = /^[ \t]+-{1,2}[A-Za-z][^\n]*[ \t]{2}\S/m;

/** Whether a text has a synopsis, or lists several things. */
function hasHelp(text: string): boolean {
  const listed = text.match(new RegExp(LISTED, 'gm'))?.length ?? 0;
  return listed > 1 || /^[ \t]*(?:usage|synopsis|options|commands)\b[^\n]*:?/im.test(text);
}

function saidLines(text: string): string[] {
  return text.split('\n').filter((line) => line.trim() !== '');
}
