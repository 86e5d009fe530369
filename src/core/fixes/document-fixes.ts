import { groupedBy } from '../collections/grouped.ts';
import { listKey } from '../collections/list-key.ts';
import type { TextEdit } from '../edits/text-edits.ts';
import type { InterfaceFix } from '../findings/fix.ts';
import type { Command } from '../model/command.ts';
import type { Interface } from '../model/interface.ts';
import type { Operand } from '../model/operand.ts';
import type { Option } from '../model/option.ts';
import { optionsByName } from '../model/options-by-name.ts';
import { walkCommands } from '../model/walk.ts';
import { readDocument } from '../readers/document/read-document.ts';
import type { Source, Span } from '../source/source.ts';
import type { DocumentNode, ScalarNode } from '../structured/document-node.ts';
import {
  entryEdits,
  type FlowMap,
  type FlowValue,
  type FlowWriter,
  isInFlow,
  mappingEdits,
  textChange,
} from '../structured/entry-edits.ts';
import { parseDocument } from '../structured/parse-document.ts';
import { PlacedEntries, type PlacedEntry } from '../structured/placed-entries.ts';
import { wordValue } from '../writers/document/document-value.ts';
import { flowJson, flowYaml } from '../writers/document/flow-text.ts';
import { mentionEdits } from './mention-edits.ts';
import { type SortedEntries, sortedEntries } from './sorted-entries.ts';

/** A fix that is wanted, and the command that it is for. */
export interface WantedFix {
  /** The path of the command, the program's name first. */
  readonly command: readonly string[];
  readonly fix: InterfaceFix;
}

/** What fixes a document: edits, and lists that stand in another order. */
export interface DocumentFix {
  readonly edits: readonly TextEdit[];
  readonly sorted: readonly SortedEntries[];
}

/** What an option or operand is to say, gathered, so that its entry is edited once. */
interface Said {
  readonly placed: PlacedEntry;
  readonly says: FlowMap;
  readonly by: WantedFix;
}

/** Edits of an interface document, for each fix that has a sure place in it. */
export class DocumentFixer {
  readonly #entries: PlacedEntries;
  readonly #commands: ReadonlyMap<string, Command>;
  readonly #options = new Map<string, ReadonlyMap<string, Option>>();
  readonly #writer: FlowWriter;

  private constructor(root: DocumentNode, cli: Interface, source: Source) {
    this.#entries = new PlacedEntries(root);
    this.#commands = new Map([...walkCommands(cli)].map(({ path, command }) => [listKey(path), command]));
    const isJson = /^\s*\{/.test(source.text);
    this.#writer = { isJson, write: isJson ? flowJson : flowYaml };
  }

  /** What fixes a document; undefined for a text that is none, or has mistakes. */
  static of(source: Source): DocumentFixer | undefined {
    const { root } = parseDocument(source);
    const { interface: cli, problems } = readDocument(source);
    return root === undefined || cli === undefined || problems.length > 0
      ? undefined
      : new DocumentFixer(root, cli, source);
  }

  /** What each fix comes to; those that have no sure place are left out. */
  fix(wanted: readonly WantedFix[]): Map<WantedFix, DocumentFix> {
    const found = new Map<WantedFix, DocumentFix>();
    const said: Said[] = [];
    for (const one of wanted) {
      const more = this.#ownEdits(one);
      const says = this.#saysOf(one);
      if (more === undefined || (says === undefined && more.edits.length === 0 && more.sorted.length === 0))
        continue;
      found.set(one, more);
      if (says === undefined) continue;
      const placed = this.#placedOf(one);
      if (placed === undefined) found.delete(one);
      else said.push({ placed, says, by: one });
    }
    for (const [, group] of groupedBy(said, ({ placed }) => placed.entry)) {
      const [first] = group;
      if (first === undefined) continue;
      const says = group.map((one) => one.says).reduce<FlowMap>(merged, new Map());
      // The item of a list has its name in a value.
      const { isInValue, mapping } = first.placed;
      const edits = isInValue
        ? mappingEdits(mapping, says, this.#writer)
        : entryEdits(first.placed, says, 'help', this.#writer);
      // They share one edit: all of them are made by it, or none.
      for (const { by: one } of group) {
        const own = found.get(one);
        if (edits === undefined || own === undefined) found.delete(one);
        else found.set(one, { ...own, edits: [...own.edits, ...edits] });
      }
    }
    return found;
  }

  /** What the entry of an option or operand is to say by keys; undefined where it says no more. */
  #saysOf({ command, fix }: WantedFix): FlowMap | undefined {
    const inArgument = (key: string, value: FlowValue): FlowMap => {
      const isOption = fix.kind !== 'sort-options' && /^[-+]/.test(fix.name);
      return isOption ? new Map([['argument', new Map([[key, value]])]]) : new Map([[key, value]]);
    };
    switch (fix.kind) {
      case 'declare-values':
        return inArgument('values', fix.values.map(flowWord));
      case 'declare-default':
        return inArgument('default', flowWord(fix.value));
      case 'declare-range':
        return inArgument('range', `${fix.least}..${fix.most}`);
      case 'rename-option': {
        const hidden = this.#optionOf(command, fix.name)?.hiddenNames.map(({ value }) => value) ?? [];
        return new Map([['hidden-names', [...hidden, fix.name]]]);
      }
      default:
        return undefined;
    }
  }

  /** The edits that a fix makes by itself; undefined where it has no sure place. */
  #ownEdits(wanted: WantedFix): DocumentFix | undefined {
    const { fix, command } = wanted;
    const edits = (made: readonly TextEdit[] | undefined) =>
      made === undefined ? undefined : { edits: made, sorted: [] };
    switch (fix.kind) {
      case 'declare-values':
      case 'declare-default':
      case 'declare-range':
        return edits([]);
      case 'add-to-text':
        return edits(this.#changedText(wanted, (text) => `${text}${fix.text}`));
      case 'change-text':
        return edits(this.#changedText(wanted, (text) => (text === fix.from ? fix.to : undefined)));
      case 'rename-placeholder':
        return edits(this.#newPlaceholder(command, fix));
      case 'rename-option': {
        const name = this.#optionOf(command, fix.name)?.names.find(({ text }) => text === fix.name);
        return edits(this.#newName(name, fix.name, fix.to, ['usage', 'examples', 'relations']));
      }
      case 'rename-command': {
        const sub = this.#commands.get(listKey([...command, fix.name]));
        const name = sub?.names.find(({ text }) => text === fix.name);
        return edits(this.#newName(name, fix.name, fix.to, []));
      }
      case 'sort-options':
        return this.#sorted(command, fix.names);
    }
  }

  #optionOf(command: readonly string[], name: string): Option | undefined {
    const key = listKey(command);
    let known = this.#options.get(key);
    if (known === undefined) {
      known = optionsByName(this.#commands.get(key)?.options.items ?? []);
      this.#options.set(key, known);
    }
    return known.get(name);
  }

  #thingOf({ command, fix }: WantedFix): Option | Operand | undefined {
    if (fix.kind === 'sort-options') return undefined;
    const operands = this.#commands.get(listKey(command))?.operands.items;
    return this.#optionOf(command, fix.name) ?? operands?.find(({ name }) => name === fix.name);
  }

  /** The entry of the option or operand that a fix is for. */
  #placedOf(wanted: WantedFix): PlacedEntry | undefined {
    const thing = this.#thingOf(wanted);
    const place =
      thing === undefined ? null : 'names' in thing ? (thing.names[0]?.place ?? null) : thing.place;
    return place === null ? undefined : this.#entries.at(place.start);
  }

  #changedText(wanted: WantedFix, change: (text: string) => string | undefined): TextEdit[] | undefined {
    const thing = this.#thingOf(wanted);
    const node = thing?.help?.place == null ? undefined : this.#textAt(thing.help.place.start);
    const to = node === undefined ? undefined : change(node.text);
    return node === undefined || to === undefined ? undefined : textChange(node, to, this.#writer);
  }

  /** The text of an entry, where it has one. */
  #textAt(offset: number): ScalarNode | undefined {
    const value = this.#entries.at(offset)?.entry.value;
    return value?.kind === 'text' ? value : undefined;
  }

  #newPlaceholder(
    command: readonly string[],
    { name, from, to }: Extract<InterfaceFix, { kind: 'rename-placeholder' }>,
  ): TextEdit[] | undefined {
    const option = this.#optionOf(command, name);
    const places = option?.argument?.value.words.flatMap(({ placeholder }) =>
      placeholder?.value === from && placeholder.place !== null ? [placeholder.place] : [],
    );
    const [place] = places ?? [];
    if (place === undefined || place.source.text.slice(place.start, place.end) !== from) return undefined;
    const text = option?.help?.place == null ? undefined : this.#textAt(option.help.place.start);
    return [{ place, text: to }, ...(text === undefined ? [] : mentionEdits(text, from, to))];
  }

  /** A name with another before it, and the lines that call the thing by its name. */
  #newName(
    name: { readonly text: string; readonly place: Option['place'] } | undefined,
    from: string,
    to: string,
    keys: readonly string[],
  ): TextEdit[] | undefined {
    const place = name?.place ?? null;
    if (place === null || place.source.text.slice(place.start, place.end) !== from) return undefined;
    const placed = this.#entries.at(place.start);
    let owner = placed?.mapping;
    while (owner !== undefined && !owner.entries.some(({ key }) => keys.includes(key.text)))
      owner = this.#entries.holding(owner);
    const around = owner?.entries.filter(({ key }) => keys.includes(key.text)) ?? [];
    return [
      this.#inHead(placed, place, `${to}, ${from}`),
      ...around.flatMap(({ value }) => scalarsIn(value).flatMap((one) => mentionEdits(one, from, to))),
    ];
  }

  /** Another text for a part of the notation of a thing. Without quotes, a comma within braces would part it in two. */
  #inHead(placed: PlacedEntry | undefined, place: Span, text: string): TextEdit {
    const node = placed?.isInValue === true ? placed.entry.value : placed?.entry.key;
    const isBare = node !== undefined && !/["']/.test(place.source.text[node.place.start] ?? '');
    if (placed === undefined || node === undefined || !isBare || !isInFlow(placed.mapping))
      return { place, text };
    const { source } = place;
    const whole =
      source.text.slice(node.place.start, place.start) + text + source.text.slice(place.end, node.place.end);
    return { place: node.place, text: this.#writer.write(whole) };
  }

  #sorted(command: readonly string[], names: readonly string[]): DocumentFix | undefined {
    const placed = names.map((name) => {
      const start = this.#optionOf(command, name)?.names[0]?.place?.start;
      return start === undefined ? undefined : this.#entries.at(start);
    });
    const entries = placed.flatMap((one) => one ?? []);
    const [first] = entries;
    if (first === undefined || entries.length < placed.length || isInFlow(first.mapping)) return undefined;
    if (entries.some(({ mapping }) => mapping !== first.mapping)) return undefined;
    const sorted = sortedEntries(
      first.mapping,
      entries.map(({ entry }) => entry),
    );
    return sorted === undefined ? undefined : { edits: [], sorted: [sorted] };
  }
}

/** All texts of a node. */
function scalarsIn(root: DocumentNode): ScalarNode[] {
  if (root.kind === 'list') return root.items.flatMap(scalarsIn);
  if (root.kind === 'mapping') return root.entries.flatMap(({ value }) => scalarsIn(value));
  return root.kind === 'text' ? [root] : [];
}

function flowWord(text: string): FlowValue {
  const value = wordValue(text);
  return typeof value === 'number' || typeof value === 'boolean' ? value : text;
}

/** What two fixes make an entry say: mappings and lists put together, of other values the later. */
function merged(a: FlowMap, b: FlowMap): FlowMap {
  const all = new Map(a);
  for (const [key, value] of b) {
    const known = all.get(key);
    if (known instanceof Map && value instanceof Map)
      all.set(key, merged(known as FlowMap, value as FlowMap));
    else if (Array.isArray(known) && Array.isArray(value)) all.set(key, [...new Set([...known, ...value])]);
    else all.set(key, value);
  }
  return all;
}
