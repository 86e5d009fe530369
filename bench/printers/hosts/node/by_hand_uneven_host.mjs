// The same with slips: entries that stand a little off, and blocks that declare nothing (see by_hand/slips.mjs).
import { printHelps } from './by_hand/page.mjs';
import { Slips } from './by_hand/slips.mjs';

printHelps('--', (style, path) => new Slips(style, path));
