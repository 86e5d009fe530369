// Builds the page of examples/workbench and serves it on this machine until it is stopped.
import { join } from 'node:path';
import { buildIfNeeded, installPackages, root } from './setup.mjs';

installPackages();
buildIfNeeded();
const { build, preview } = await import('vite');
const folder = join(root, 'examples/workbench');
await build({ root: folder, logLevel: 'warn' });
const server = await preview({ root: folder, preview: { host: '127.0.0.1' } });
server.printUrls();
