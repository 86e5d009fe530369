/** `[< in [> out]]`, `[> out]`: redirections in brackets, the innermost first. */
const BRACKETED = /\[\s?(?:\d?>{1,2}|<)\s?(?:<[\w ./-]{1,60}>|[\w./-]{1,60})\s*\]/g;

/** `< in`, `> out`, `2> log` behind a blank. A word between both, with a blank before the second (`< box >`), is a placeholder. */
const BARE =
  /(?<=\s)(?:\d?>{1,2}\s|<\s(?![^<>]{1,60}\s>(?:\s*$|\s*[[\]<.])))\s?(?:<[\w ./-]{1,60}>|[\w./-]{1,60})(?=[\s\]]|$)/g;

/** Brackets in brackets are looked at so deep. */
const DEPTH_LIMIT = 3;

/** A synopsis with blanks in place of what is the shell's matter, where input comes from and output goes: `tiffin list [< day] > FILE`. */
export function withoutRedirections(synopsis: string): string {
  if (!/[<>]\s|\[\s?\d?[<>]/.test(synopsis)) return synopsis;
  const blanks = (found: string) => ' '.repeat(found.length);
  let text = synopsis;
  for (let depth = 0; depth < DEPTH_LIMIT; depth++) text = text.replace(BRACKETED, blanks);
  return text.replace(BARE, blanks);
}
