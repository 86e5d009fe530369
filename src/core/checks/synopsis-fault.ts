import type { Place } from '../source/source.ts';

/** One thing on which a synopsis and what stands below it disagree. */
export interface SynopsisFault {
  /** The option, operand or program that it is about. */
  readonly name: string;
  readonly kind:
    | 'unlisted-option'
    | 'unshown-option'
    | 'none-shown'
    | 'form-twice'
    | 'shown-twice'
    | 'repeated'
    | 'mandatory'
    | 'optional'
    | 'argument-unshown'
    | 'argument-unlisted'
    | 'placeholder'
    | 'values'
    | 'count'
    | 'unlisted-operand'
    | 'unshown-operand'
    | 'order'
    | 'unshown-command'
    | 'program'
    | 'other-program'
    | 'misspelt'
    | 'help-elsewhere';
  /** Where it stands. */
  readonly place: Place;
}
