import type { DoubtReason } from '../source/doubt.ts';

/** Why a place may have been misread, in the words of reports. */
export const UNSURE: Readonly<Record<DoubtReason, string>> = {
  'odd-entry': 'the entry is formatted unlike the lines around it',
  'beside-unread': 'lines next to it could not be read',
  'bare-synopsis': 'nothing announces the synopsis',
  'odd-synopsis': 'the synopsis contains unusual notation',
  'shared-text': 'its text may belong to the entry below it',
  'odd-list': 'only their position suggests that these words are commands',
  'named-elsewhere': 'the text has the same word elsewhere',
  'plain-word': 'the word may be part of a description',
  'little-read': 'most lines could not be read',
};
