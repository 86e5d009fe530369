#!/usr/bin/env node
// Lists who lies at which mooring. Part of the demo: what it declares to parseArgs is more than its help shows.
import { parseArgs } from 'node:util';

const HELP = `Usage: moorings [OPTION]... [BOAT]...
List the moorings of the harbour.

  -q, --quay=QUAY   those at QUAY only
  -f, --free        moorings that are free
      --help        print this help
`;

try {
  const { values } = parseArgs({
    allowPositionals: true,
    options: {
      quay: { type: 'string', short: 'q', default: 'north' },
      free: { type: 'boolean', short: 'f' },
      // For the harbour master's own lists.
      'free-from': { type: 'string', multiple: true },
      help: { type: 'boolean' },
    },
  });
  process.stdout.write(values.help ? HELP : `moorings at ${values.quay}\n`);
} catch (error) {
  process.stderr.write(`moorings: ${error.message}\n`);
  process.exitCode = 2;
}
