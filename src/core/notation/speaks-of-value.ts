/** What values are called in texts. */
const VALUE =
  'file ?names?|files?|director(?:y|ies)|dir|folders?|paths?|ports?|host(?:name)?s?|address(?:es)?|names?|number|lists?(?! of (?:all|available|supported|possible|known)\\b)|level|size|width|height|length|depth|format|time-?out|interval|delay|quality|title|urls?|prefix|suffix|extensions?|encoding|charset|language|locale|user ?name|theme|fonts?|patterns?|globs?|limit|threshold|seed|rate|ratio|factor|offset|resolution|separator|delimiter|channel|volume';

/** A text that begins with what a value is: `Path to the ledger`, `List of quays`, `Maximum number of boxes`. */
const BEGINS_WITH_VALUE =
  /^(?:an? |the )?(?:max(?:imum)? |min(?:imum)? |file )?(?:paths?|file ?names?|names?|number|lists?(?! of (?:all|available|supported|possible|known)\b)|urls?|address|director(?:y|ies)|folders?|files?|extensions?|ports?|host(?:name)?s?|patterns?|globs?|interval|time-?out|delay|prefix|suffix|title|level|size|width|height|length|depth)(?:\(s\))? (?:to|of|for|in|with|that|on|from|between|which)\b/i;

/** `Specify the quay`, but `specify whether` and `specify that` are about a switch. */
const ASKS_FOR_VALUE = /^(?:specif(?:y|ies)|provides?|supply|supplies) (?!whether|if|that|more|to\b)/i;

/** `Set the output directory`, `Select a quay number from 1 to 9`; `set the size to 8` is about a switch. */
const SETS_VALUE = new RegExp(
  `^(?:sets?|defines?|chooses?|selects?|overrides?|changes?) (?:an? |the )?(?:(?!of |for |in |to |by )[a-z/-]+ ){0,3}(?:${VALUE})(?=$|[.,;:(]| (?:for|of|from|in|used|in which|where)\\b| (?:to (?:use|read|write|print|show|save|store)\\b))`,
  'i',
);

/** `only boxes that match this pattern`, `try so often: this many times` */
const POINTS_AT_VALUE =
  /(?<!\b(?:print|show|display|list|view|see|get|give|output|read)s? )\bthis (?:string|number|many|regexp?|pattern|file(?! ?system)|name|path|directory|value|text|prefix|suffix|port|address|host|url)\b/i;

/** `write the report to a file`: which one must be told. */
const GOES_TO_FILE =
  /^(?:write|save|read|append|store|log|load)s? (?:[a-z-]+ ){0,4}(?:to|from|into) (?:an?|the given|the specified) (?:file|directory|folder|socket)\.?$/i;

/** Whether the text of an option speaks of a value that the option is given, as that of no switch does. */
export function speaksOfValue(text: string): boolean {
  return [BEGINS_WITH_VALUE, ASKS_FOR_VALUE, SETS_VALUE, POINTS_AT_VALUE, GOES_TO_FILE].some((pattern) =>
    pattern.test(text),
  );
}
