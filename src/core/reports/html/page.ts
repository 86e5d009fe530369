import type { Tool } from '../tool.ts';
import { html, Markup } from './markup.ts';
import { STYLE } from './style.ts';

/** A page that stands alone: it asks nobody for anything and runs nothing. Ends in a newline. */
export function htmlPage(title: string, tool: Tool, parts: readonly Markup[]): string {
  const page = html`<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'unsafe-inline'">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="color-scheme" content="light dark">
<title>${title}</title>
<style>${new Markup(STYLE)}</style>
</head>
<body>
<main>
${parts}
</main>
<footer>${tool.name} ${tool.version}</footer>
</body>
</html>
`;
  return page.text;
}
