// The same with more choices on each axis (see by_hand/style.mjs).
import { printHelps } from './by_hand/page.mjs';
import { WIDER_AXES } from './by_hand/style.mjs';

printHelps('--', undefined, WIDER_AXES);
