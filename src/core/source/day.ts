/** Whether a text is a day of the calendar, written as ISO 8601 has it. */
export function isDay(written: string): boolean {
  const [, month = '', date = ''] = /^\d{4}-(\d{2})-(\d{2})$/.exec(written) ?? [];
  const time = new Date(`${written}T00:00:00Z`).getTime();
  // A date beyond the end of its month becomes one of the next.
  return !Number.isNaN(time) && new Date(time).toISOString().slice(5, 10) === `${month}-${date}`;
}
