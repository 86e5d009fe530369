/**
 * A smaller input that still fails: takes away ever smaller pieces of a text, or items of the lists in an input that is data. `fails` may
 * be slow, so that it is asked only so many times.
 */
export async function minimized(made, fails, most = 400) {
  let left = most;
  const test = async (candidate) => left-- > 0 && (await fails(candidate));
  return typeof made === 'string' ? shorter(made, test) : fewer(made, test);
}

async function shorter(text, test) {
  let best = text;
  for (let size = Math.ceil(best.length / 2); size >= 1; size = Math.floor(size / 2)) {
    for (let at = 0; at < best.length; ) {
      const candidate = best.slice(0, at) + best.slice(at + size);
      if (candidate !== best && (await test(candidate))) best = candidate;
      else at += size;
    }
    if (size === 1) break;
  }
  return best;
}

async function fewer(made, test) {
  let best = made;
  for (const key of ['words', 'entries']) {
    for (let at = 0; at < (best?.[key]?.length ?? 0); ) {
      const candidate = { ...best, [key]: best[key].toSpliced(at, 1) };
      if (await test(candidate)) best = candidate;
      else at++;
    }
  }
  return best;
}
