import type { Command, SyntaxNode, Word, WordPart } from 'unbash';

/** What a variable holds; undefined where that is not known. */
export type Lookup = (name: string) => string | undefined;

const UNKNOWN: Lookup = () => undefined;

/** The text that a word comes to; undefined where it holds an expansion that is not known. */
export function textOf(word: Word, lookup: Lookup = UNKNOWN): string | undefined {
  return word.parts === undefined ? word.value : textOfParts(word.parts, lookup);
}

/** The text that the parts of a word come to; undefined where they hold an expansion that is not known. */
export function textOfParts(parts: readonly WordPart[], lookup: Lookup = UNKNOWN): string | undefined {
  let text = '';
  for (const part of parts) {
    const own = textOfPart(part, lookup);
    if (own === undefined) return undefined;
    text += own;
  }
  return text;
}

function textOfPart(part: WordPart, lookup: Lookup): string | undefined {
  switch (part.type) {
    case 'Literal':
    case 'SingleQuoted':
    case 'AnsiCQuoted':
    case 'Glob':
      return part.value;
    case 'DoubleQuoted':
    case 'LocaleString':
      return textOfParts(part.parts, lookup);
    case 'SimpleExpansion':
      return lookup(part.text.slice(1));
    case 'ParameterExpansion':
      return part.operation === undefined && part.prefix === undefined && part.index === undefined
        ? lookup(part.parameter)
        : undefined;
    default:
      return undefined;
  }
}

/** The variable that a word is and nothing else, quoted or not, with a value for none or not: `$x`, `"${x}"`, `"${x:-}"`. */
export function variableOf(word: Word): string | undefined {
  const parts = word.parts ?? [];
  const [part] = parts;
  if (part === undefined || parts.length > 1) return undefined;
  if (part.type === 'DoubleQuoted') {
    const [inner] = part.parts;
    return part.parts.length === 1 && inner !== undefined ? variableOfPart(inner) : undefined;
  }
  return variableOfPart(part);
}

function variableOfPart(part: WordPart): string | undefined {
  if (part.type === 'SimpleExpansion') return part.text.slice(1);
  if (part.type !== 'ParameterExpansion' || part.prefix !== undefined || part.index !== undefined)
    return undefined;
  const { operation } = part;
  return operation === undefined || operation.type === 'Default' ? part.parameter : undefined;
}

/** The name of a command, where it is written out. */
export function commandName(command: Command): string | undefined {
  return command.name === undefined ? undefined : textOf(command.name);
}

/** The words behind the name of a command. */
export function argumentsOf(command: Command): readonly Word[] {
  return command.args.filter((one): one is Word => one.type === 'Word');
}

/** The variable that an expansion reads; undefined for other nodes. */
export function readVariable(node: SyntaxNode): string | undefined {
  if (node.type === 'SimpleExpansion') return node.text.slice(1);
  if (node.type === 'ParameterExpansion') return node.parameter;
  // In arithmetic a variable needs no dollar sign.
  return node.type === 'ArithmeticWord' && /^[A-Za-z_]\w*$/.test(node.value) ? node.value : undefined;
}
