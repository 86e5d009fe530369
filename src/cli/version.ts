import type { Tool } from 'dabbawala';
import manifest from '../../package.json' with { type: 'json' };

export const TOOL: Tool = { name: manifest.name, version: manifest.version };
