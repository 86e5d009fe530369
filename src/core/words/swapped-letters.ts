/** Whether two words differ in two neighbouring letters that are swapped. */
export function isSwapped(a: string, b: string): boolean {
  if (a.length !== b.length || a === b) return false;
  let at = 0;
  while (at < a.length && a[at] === b[at]) at++;
  return a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2);
}
