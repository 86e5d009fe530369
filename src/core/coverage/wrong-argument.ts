import type { OfferedWord } from '../model/inventory.ts';
import type { Operand } from '../model/operand.ts';
import type { Expected } from './expected.ts';

/** An option-argument or operand that is completed as what it is not. */
export interface WrongArgument {
  /** The option, as it is typed. */
  readonly name: string;
  /** What is wrong: it is offered an argument and takes none, or the other way round, files where it has allowed values, nothing or folders where it takes a file, files where it takes a folder, or something though there is no such option. */
  readonly reason:
    | 'takes-none'
    | 'takes-one'
    | 'files-for-values'
    | 'files-for-folder'
    | 'folders-for-file'
    | 'files-elsewhere'
    | 'nothing-for-file'
    | 'not-there';
  /** What the completion offers; undefined where it offers nothing. */
  readonly word: OfferedWord | undefined;
  /** What it is in the interface; undefined where it is not in it. */
  readonly thing: Expected['thing'] | Operand | undefined;
}
