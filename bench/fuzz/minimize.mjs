/** How often an input is made smaller, and for how many milliseconds. */
const TRIES = 400;
const TIME = 60_000;

/**
 * A smaller input that still fails: takes away ever smaller pieces of a text, or items of the lists in an input that is data. `fails` may
 * be slow, so that it is asked for some time only.
 */
export async function minimized(made, fails) {
  let left = TRIES;
  const end = performance.now() + TIME;
  const test = async (candidate) => left-- > 0 && performance.now() < end && (await fails(candidate));
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
