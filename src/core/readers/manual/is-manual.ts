/** How much of a text is looked at, in characters. */
const LOOKED_AT = 256 * 1024;

/** Whether a text is the source of a manual page: by the macros that each begins with, or by a page that it is another name of. */
export function isManual(text: string): boolean {
  if (text.startsWith('#!')) return false;
  const start = text.slice(0, LOOKED_AT);
  return (
    /^[.'][ \t]*(?:TH|Dt)[ \t]+\S/m.test(start) ||
    /^\.[ \t]*(?:Sh|SH)[ \t]+"?NAME\b/m.test(start) ||
    /^\.so[ \t]+\S+\s*$/.test(start)
  );
}

/** Whether a page is written in the macros of mdoc, and not in those of man. */
export function isMdoc(text: string): boolean {
  return /^\.[ \t]*(?:Dd|Dt|Sh)\b/m.test(text) && !/^[.'][ \t]*TH[ \t]/m.test(text);
}
