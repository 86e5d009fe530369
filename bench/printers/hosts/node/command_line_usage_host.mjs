import usage from 'command-line-usage';
import { bracketed, interfaces, show, typedDefault } from './declared.mjs';

const TYPES = { text: String, file: String, integer: Number, number: Number };

/** The library takes braces for its own marks. */
function escaped(text) {
  return text.replace(/[{}]/g, '\\$&');
}

for (const one of interfaces()) {
  const isFull = one.version.length % 2 === 0;
  const headings = [...new Set(one.root.options.map(({ heading }) => heading))];
  const options = one.root.options.map((option) => ({
    name: option.long,
    alias: option.short || undefined,
    type: option.presence === 'none' ? Boolean : TYPES[option.type],
    typeLabel:
      option.presence === 'none' || option.placeholder === ''
        ? undefined
        : `{underline ${option.placeholder}}`,
    multiple: option.flags.includes('repeated'),
    defaultValue: typedDefault(option),
    description: escaped(option.help),
    group: option.heading || '_none',
  }));
  const operands = one.root.operands.map(bracketed).map(escaped).join(' ');
  const sections = [
    { header: one.program, content: escaped(one.summary) },
    { header: isFull ? 'Synopsis' : 'Usage', content: `$ ${one.program} {bold [options]} ${operands}` },
    ...headings.map((heading) => ({
      header: heading || 'Options',
      optionList: options,
      group: heading || '_none',
      tableOptions: { maxWidth: one.width },
    })),
  ];
  if (one.root.commands.length > 0) {
    const listed = one.root.commands.filter(({ isHidden }) => !isHidden);
    sections.push({
      header: 'Command List',
      content: listed.map(({ name, summary }) => ({ name, summary })),
    });
  }
  if (one.epilogue !== '') sections.push({ content: one.epilogue });
  show(one, [], `${usage(sections)}\n`);
}
