// Prints help as people write it by hand: each interface in a style of its own, drawn from what many programs do (see by_hand/style.mjs).
import { printHelps } from './by_hand/page.mjs';

printHelps('--');
