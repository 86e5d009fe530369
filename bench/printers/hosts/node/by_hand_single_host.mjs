// The same with one hyphen before long names.
import { printHelps } from './by_hand/page.mjs';

printHelps('-');
