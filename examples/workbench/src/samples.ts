const helps = import.meta.glob<string>('../../../demo/tiffin-1.4/help/*.txt', {
  query: '?raw',
  import: 'default',
  eager: true,
});

const documents = import.meta.glob<string>('../../../demo/*/*.yaml', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** A help output of a demo program, or an interface document. */
export interface Sample {
  readonly name: string;
  readonly text: string;
}

/** The help outputs of the demo program, then the documents of all of them. */
export const SAMPLES: readonly Sample[] = [
  ...samplesOf(helps, (path) => path.replace(/^.*\/|\.txt$/g, '').replaceAll('-', ' ')),
  ...samplesOf(documents, (path) => path.replace(/^.*\/demo\//, '')),
];

function samplesOf(texts: Record<string, string>, nameOf: (path: string) => string): Sample[] {
  return Object.entries(texts)
    .map(([path, text]) => ({ name: nameOf(path), text }))
    .sort((a, b) => (a.name < b.name ? -1 : 1));
}
