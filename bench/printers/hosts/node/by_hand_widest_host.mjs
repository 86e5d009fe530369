// The same with choices that nobody had looked at when the wider ones were (see by_hand/style.mjs).
import { printHelps } from './by_hand/page.mjs';
import { WIDEST_AXES } from './by_hand/style.mjs';

printHelps('--', undefined, WIDEST_AXES);
