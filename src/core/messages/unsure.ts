import type { DoubtReason } from '../source/doubt.ts';

/** Why a place may have been misread, in the words of reports. */
export const UNSURE: Readonly<Record<DoubtReason, string>> = {
  'odd-entry': 'the entry stands by itself, in another shape than the lines around it',
  'beside-unread': 'lines right beside it could not be read',
  'bare-synopsis': 'nothing announces the synopsis',
  'odd-synopsis': 'the synopsis holds what is no notation of synopses',
  'shared-text': 'its text may be that of the entry below it',
  'odd-list': 'only their place makes these words commands',
  'little-read': 'most lines of the text could not be read',
};
