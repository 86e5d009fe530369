const texts = import.meta.glob<string>('../../../demo/tiffin-1.4/help/*.txt', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** A help output of the demo program. */
export interface Sample {
  readonly name: string;
  readonly text: string;
}

/** The demo program's help outputs, the program's own first. */
export const SAMPLES: readonly Sample[] = Object.entries(texts)
  .map(([path, text]) => ({
    name: path.replace(/^.*\/|\.txt$/g, '').replaceAll('-', ' '),
    text,
  }))
  .sort((a, b) => (a.name < b.name ? -1 : 1));
