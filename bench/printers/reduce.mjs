// What a library can declare of an interface: the rest is taken away before its host sees it, and is not asked of the reader.

/**
 * A declaration without what a library lacks. `taken` are names that it uses itself; `can` names what it has: `short`, `long`, `single-hyphen` (long names with one
 * hyphen), `letter-alone`, `aliases`, `placeholder`, `optional`, `values`, `value-help`, `default`, `range`, `environment`, `required`,
 * `repeated`, `negatable`, `hidden`, `deprecated`, `headings`, `commands`, `nested-commands`, `command-aliases`, `hidden-commands`, `options-of-groups`,
 * `names-again` (an option of a command may have the name of one above), `operands`, `optional-operands`, `many-operands`, `operand-values`, `operand-help`, `epilogue`, `text` (an option may be without).
 */
export function reduced(declaration, { can, taken }) {
  const has = new Set(can);
  const root = reducedCommand(declaration.root, has, 0, new Set(taken));
  return { ...declaration, epilogue: has.has('epilogue') ? declaration.epilogue : '', root };
}

function reducedCommand(command, has, depth, taken) {
  const keeps = has.has('commands') && (depth === 0 || has.has('nested-commands'));
  const operandsOf = keeps ? command : firstLeaf(command);
  const isGroup = command.commands.length > 0 && depth > 0;
  const options = (isGroup && !has.has('options-of-groups') ? [] : command.options)
    .flatMap((option) => reducedOption(option, has))
    .filter((option) => namesOf(option).every((name) => !taken.has(name)));
  const takenBelow = has.has('names-again') ? taken : new Set([...taken, ...options.flatMap(namesOf)]);
  return {
    ...command,
    names: has.has('command-aliases') ? command.names : command.names.slice(0, 1),
    hidden: has.has('hidden-commands') && command.hidden,
    options,
    operands: has.has('operands') ? reducedOperands(operandsOf.operands, has) : [],
    commands: keeps
      ? command.commands
          .filter(({ names }) => !taken.has(names[0]) || depth > 0)
          .map((one) => reducedCommand(one, has, depth + 1, takenBelow))
      : [],
  };
}

function namesOf({ short, long, aliases }) {
  return [short, long, ...aliases].filter((name) => name !== undefined);
}

/** A program whose parser knows no commands has the operands of one of them. */
function firstLeaf(command) {
  return command.commands.length === 0 ? command : firstLeaf(command.commands[0]);
}

function reducedOption(option, has) {
  const isSingle = has.has('single-hyphen');
  const isAlone = option.long === undefined;
  if (isAlone && !isSingle && !has.has('letter-alone')) return [];
  const short = has.has('short') && !(isSingle && !isAlone) ? option.short : undefined;
  const long = has.has('long') || isSingle ? option.long : undefined;
  if (short === undefined && long === undefined) return [];
  const argument = reducedArgument(option.argument, has);
  const keep = (what, value) => (has.has(what) ? value : undefined);
  return [
    {
      ...option,
      single: isSingle,
      short,
      long,
      aliases: keep('aliases', option.aliases) ?? [],
      argument,
      required: has.has('required') && option.required,
      repeated: has.has('repeated') && option.repeated && argument !== undefined,
      hidden: has.has('hidden') && option.hidden,
      deprecated: has.has('deprecated') && option.deprecated,
      negatable: has.has('negatable') && option.negatable,
      environment: keep('environment', option.environment),
      heading: keep('headings', option.heading),
      help: option.help === '' && !has.has('text') ? 'do as it says' : option.help,
    },
  ];
}

function reducedArgument(argument, has) {
  if (argument === undefined) return undefined;
  const values = has.has('values')
    ? argument.values?.map(({ value, help }) => ({ value, help: has.has('value-help') ? help : '' }))
    : undefined;
  const fallback = has.has('default') && (has.has('values') || argument.values === undefined);
  return {
    ...argument,
    presence: has.has('optional') ? argument.presence : 'mandatory',
    placeholder: has.has('placeholder') ? argument.placeholder : undefined,
    values,
    default: fallback ? argument.default : undefined,
    range: has.has('range') ? argument.range : undefined,
  };
}

function reducedOperands(operands, has) {
  return operands.map((operand, i) => ({
    ...operand,
    least: has.has('optional-operands') ? operand.least : 1,
    most: has.has('many-operands') && i === operands.length - 1 ? operand.most : 1,
    values: has.has('operand-values') ? operand.values : undefined,
    help: has.has('operand-help') ? operand.help : '',
  }));
}
