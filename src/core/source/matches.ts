/**
 * All matches of a global expression in a text, in their order. `matchAll` compiles the expression anew at each call, which costs more than
 * the search does in a short text. All are found before the first is looked at, so that one expression may be used again meanwhile.
 */
export function matches(text: string, expression: RegExp): RegExpExecArray[] {
  const found: RegExpExecArray[] = [];
  expression.lastIndex = 0;
  for (let match = expression.exec(text); match !== null; match = expression.exec(text)) {
    found.push(match);
    // An empty match would be found for ever.
    if (match[0] === '') expression.lastIndex++;
  }
  return found;
}
