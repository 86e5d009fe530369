/**
 * Whether two parts of a model say the same, wherever they say it: places, sources and views do not count, and a key without a value
 * is as good as none. Walks lists and plain objects.
 */
export function saysTheSame(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) || Array.isArray(b)) {
    if (!Array.isArray(a) || !Array.isArray(b) || a.length !== b.length) return false;
    return a.every((one, i) => saysTheSame(one, b[i]));
  }
  // The keys are those of the model, never names that were read.
  const left = a as Readonly<Record<string, unknown>>;
  const right = b as Readonly<Record<string, unknown>>;
  for (const key of Object.keys(left)) if (!isPlace(key) && !saysTheSame(left[key], right[key])) return false;
  for (const key of Object.keys(right)) {
    if (!isPlace(key) && left[key] === undefined && right[key] !== undefined) return false;
  }
  return true;
}

function isPlace(key: string): boolean {
  return key === 'place' || key === 'listedAgain' || key === 'sources' || key === 'views';
}
