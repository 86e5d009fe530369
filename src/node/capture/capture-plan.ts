import { quotedWord } from '../../core/shells/quoted-word.ts';
import { AFTER, VALUE } from '../probing/parser-answers.ts';
import { UNLIKELY_OPTION } from '../running/unlikely-option.ts';
import type { CaptureSettings } from './capture-settings.ts';

/** The command lines that a capture would run, as far as they are known before the program has said what it has. */
export function capturePlan(invocation: readonly string[], settings: CaptureSettings): string[] {
  const program = invocation.map(quotedWord).join(' ');
  const lines = [
    `${program} --help`,
    `${program} COMMAND --help, for every command that a help lists, up to ${settings.depthLimit} deep and ${settings.commandLimit} in all`,
    `${program} list, where the help lists no commands and shows a parser that has this one`,
    `${program} help COMMAND, where --help gives none and the help lists a command help`,
    ...(settings.probe ? [] : [`${program} --version, where the help shows it`]),
    settings.shortHelp
      ? `${program} COMMAND -h, where neither gives any`
      : `${program} COMMAND -h, where neither gives any and the help shows -h`,
  ];
  if (settings.declared) {
    lines.push(
      `${program} --help, ended where it is about to parse, with what its parser declares`,
      `${program} ${UNLIKELY_OPTION}, ended likewise, for a program in C that looks for help and version first`,
    );
  }
  if (settings.probe) {
    const refused = `=${VALUE} ${AFTER.join(' ')}`;
    lines.push(
      `${program} --version`,
      `${program} ${UNLIKELY_OPTION}`,
      `${program} --hel`,
      `${program} COMMAND --PREFIX${refused}, for prefixes of its options, and the like for its rules, at most ${settings.probeLimit} runs`,
    );
  }
  return lines;
}
