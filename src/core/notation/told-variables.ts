/** `$TIFFIN_MAP`, `the variable TIFFIN_MAP`, `TIFFIN_MAP environment variable`. */
const TOLD =
  /\$\{?([A-Z][A-Z\d]*_[A-Z\d_]*[A-Z\d])\b|\bvariables? ([A-Z][A-Z\d]*_[A-Z\d_]*[A-Z\d])\b|\b([A-Z][A-Z\d]*_[A-Z\d_]*[A-Z\d]) (?:environment )?variable\b/g;

/** The environment variables of which a text speaks as such, by name. */
export function toldVariables(text: string): string[] {
  return [...text.matchAll(TOLD)].map((match) => match[1] ?? match[2] ?? match[3] ?? '');
}
