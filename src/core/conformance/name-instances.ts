import type { AuditView } from '../audit-view.ts';
import type { Option, OptionName } from '../model/option.ts';
import type { CommandAt } from '../model/walk.ts';
import type { Place } from '../source/source.ts';
import type { Instance } from './rule.ts';

/** An option's name with the option and command it belongs to. */
export interface NameAt {
  readonly at: CommandAt;
  readonly option: Option;
  readonly name: OptionName;
}

/** Every name of every option that the sources describe. */
export function optionNames(view: AuditView): NameAt[] {
  return view.described.flatMap((at) =>
    at.command.options.items.flatMap((option) => option.names.map((name) => ({ at, option, name }))),
  );
}

export function instanceOf({ at, name }: NameAt): Instance {
  return { subject: name.text, command: at.path, place: name.place };
}

/** The program as a whole as the thing that a judgement rests on. */
export function programInstance(view: AuditView, place: Place): Instance {
  const program = view.interface.program.value;
  return { subject: program, command: [program], place };
}
