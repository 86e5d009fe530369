const CLOCK = String.raw`\d{1,2}:\d{2}(?::\d{2}(?:[.,]\d{1,9})?)?(?: ?[AP]M)?`;
const ZONE = String.raw`(?: ?(?:Z\b|UTC|GMT|[A-Z]{3,4}\b|[+-]\d{2}:?\d{2}\b))?`;
const MONTH = '(?:Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)[a-z]*';
const WEEKDAY = '(?:(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun)[a-z]*,? )?';

/** Days with a time of day, as ISO 8601, RFC 5322, and the C library's ctime and `date` write them. */
const DATED = [
  String.raw`(\d{4}-\d{2}-\d{2})[T ](${CLOCK})${ZONE}`,
  String.raw`${WEEKDAY}(\d{1,2} ${MONTH} \d{4}),? (${CLOCK})${ZONE}`,
  String.raw`${WEEKDAY}(${MONTH} +\d{1,2}) (${CLOCK})${ZONE} (\d{4})\b`,
].map((source) => new RegExp(`(?<![\\w-])${source}`, 'g'));

/** Seconds since 1970 of the years 2001 to 2286, also with the digits for milliseconds, microseconds or nanoseconds. */
const SINCE_1970 = /(?<![\w.-])(\d{10})(?:\d{3}|\d{6}|\d{9}|\.\d+)?(?![\w-])/g;

const DAY = 24 * 60 * 60 * 1000;

/** How much older than the end of a run a time may be that the run asked for, in milliseconds. */
const RUN = 60 * 1000;

/**
 * A text without the time at which it was printed, which stands as `(time)`; `now` is in milliseconds since 1970. A day without a time of
 * day stays, since it is more often that of a release, and so does every other time: an example, a default.
 */
export function withoutTimes(text: string, now: number): string {
  const dated = DATED.reduce((rest, pattern) => {
    return rest.replace(pattern, (all, day: string, clock: string, year: unknown) => {
      const at = Date.parse(`${day}${typeof year === 'string' ? ` ${year}` : ''} UTC`);
      return isNearDay(at, now) && isNearMinute(clock, now) ? '(time)' : all;
    });
  }, text);
  return dated.replace(SINCE_1970, (all, seconds: string) => {
    const age = now - Number(seconds) * 1000;
    return age >= -RUN && age <= RUN ? '(time)' : all;
  });
}

/** Whether a day is that of a moment somewhere on earth. */
function isNearDay(day: number, now: number): boolean {
  return day >= now - 2 * DAY && day <= now + DAY;
}

/** Whether a time of day is that of a moment in a zone; zones differ by quarters of an hour. */
function isNearMinute(clock: string, now: number): boolean {
  const [hours = 0, minutes = 0] = clock.split(':').map((part) => Number.parseInt(part, 10));
  const quarter = 15;
  const away = (hours * 60 + minutes - Math.floor(now / 60_000)) % quarter;
  const behind = ((away % quarter) + quarter) % quarter;
  return behind <= 1 || behind >= quarter - 1;
}
