import { forEachChild, type SyntaxNode } from 'unbash';

/** Whether a branch does nothing but end the function: then nothing is offered. */
export function isReturn(body: SyntaxNode): boolean {
  let commands = 0;
  let isOther = false;
  const visit = (node: SyntaxNode): void => {
    if (node.type === 'Command') {
      commands++;
      isOther ||= node.name?.value !== 'return' && node.name?.value !== ':';
    }
    isOther ||= node.type === 'Assignment' || node.type === 'Case';
    if (!isOther) forEachChild(node, visit);
  };
  visit(body);
  return commands > 0 && !isOther;
}
