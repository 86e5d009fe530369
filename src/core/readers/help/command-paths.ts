import { addTo } from '../../collections/grouped.ts';
import { type Command, type CommandName, type Form, makeCommand } from '../../model/command.ts';

/** The left part of an entry: the names of a command, and a further literal word behind a single name. */
export interface Head {
  readonly names: readonly CommandName[];
  readonly further: CommandName | undefined;
}

/** Where entries share a first word and differ in a second (`round open`, `round close`), they are commands of one command. */
export function withPaths(read: readonly { readonly head: Head; readonly command: Command }[]): Command[] {
  const seconds = new Map<string, Set<string>>();
  for (const { head } of read) {
    const [first] = head.names;
    if (first === undefined || head.further === undefined) continue;
    seconds.set(first.text, (seconds.get(first.text) ?? new Set()).add(head.further.text));
  }
  const commands: Command[] = [];
  // Where the command of each first word stands, and what was found below it.
  const indexes = new Map<string, number>();
  const children = new Map<number, Command[]>();
  for (const { head, command } of read) {
    const [first] = head.names;
    const isNested =
      first !== undefined && head.further !== undefined && (seconds.get(first.text)?.size ?? 0) > 1;
    const known = first === undefined ? undefined : indexes.get(first.text);
    if (first !== undefined && known === undefined) indexes.set(first.text, commands.length);
    if (!isNested || first === undefined || head.further === undefined) {
      commands.push(command);
      continue;
    }
    const names = [head.further, ...command.names.slice(head.names.length)];
    const forms = command.forms.map((form) => behindWord(form, head.further));
    addTo(children, known ?? commands.length, { ...command, names, forms, place: head.further.place });
    if (known === undefined) commands.push(makeCommand({ names: [first], place: first.place }));
  }
  return commands.map((command, i) => {
    const below = children.get(i);
    const items = [...command.commands.items, ...(below ?? [])];
    return below === undefined
      ? command
      : makeCommand({ ...command, commands: { items, complete: undefined } });
  });
}

/** A synopsis from a further word on, which is the name of the command and no operand: of `round open <day>`, `open <day>`. */
function behindWord(form: Form, word: CommandName | undefined): Form {
  const start = word?.place?.start;
  const operands = form.operands.filter(({ place }) => place === null || place.start !== start);
  const at = form.text.indexOf(word?.text ?? '', form.text.indexOf(' '));
  return { ...form, operands, text: form.text.slice(Math.max(0, at)) };
}
