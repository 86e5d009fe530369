// Has the modules of parsers tell when they are loaded as ES modules: a line is put behind their source that hands over what they export.

const WATCHED = /\/(?:commander|yargs|cac)\/(?:dist\/|lib\/)?(?:index|esm)\.m?js$/;

export async function load(url, context, next) {
  const loaded = await next(url, context);
  if (loaded.format !== 'module' || !WATCHED.test(url)) return loaded;
  const own = JSON.stringify(url);
  const told = `\n;globalThis[Symbol.for('dabbawala.module-loaded')]?.(dabbawalaOwnExports);`;
  return { ...loaded, source: `import * as dabbawalaOwnExports from ${own};${loaded.source}${told}\n` };
}
