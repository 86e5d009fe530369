/** The document that the examples of this area are held against: commands, options and values. */
export const BOX_DOCUMENT =
  'dabbawala: 1\nprogram: tiffin\ncomplete: true\noptions:\n  -q, --quiet: print nothing but errors\n' +
  '  -s, --sort=KEY:\n    help: sort by KEY\n    argument: {values: [owner, quay]}\n' +
  'commands:\n  box: {summary: list the boxes}\n  route: {summary: plan a route}\n';

/** Lines for fish that offer all that the document has but what is put in. */
export function fishScript({
  quiet = "complete -c tiffin -s q -l quiet -d 'print nothing but errors'",
  sort = "complete -c tiffin -s s -l sort -x -a 'owner quay' -d 'sort by KEY'",
  commands = "complete -c tiffin -n __fish_use_subcommand -a 'box route' -d 'do it'",
  more = '',
}: Partial<Record<'quiet' | 'sort' | 'commands' | 'more', string>> = {}): string {
  return `${['complete -c tiffin -f', quiet, sort, commands, more].filter((line) => line !== '').join('\n')}\n`;
}
