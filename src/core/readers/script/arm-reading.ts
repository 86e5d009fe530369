import { type Assignment, type Command, forEachChild, type SyntaxNode } from 'unbash';
import type { LoopAnswer, OptionArm } from '../../model/option-loop.ts';
import { argumentsOf, commandName, readVariable } from '../../shells/bash-words.ts';
import type { Branch } from './choices.ts';
import { Ends } from './ends.ts';
import { outputsOf } from './outputs.ts';
import type { ShellScript } from './shell-scopes.ts';

/** Commands that do nothing but go through the words. */
const NOTHING = /^(?:|:|true|shift|break|continue)$/;

/** How deep functions of a script may call each other. */
const CALL_LIMIT = 4;

/** Reads what the arms of a loop do. */
export class ArmReader {
  readonly #script: ShellScript;
  readonly #readByFunction = new Map<string, ReadonlySet<string>>();
  readonly ends: Ends;

  constructor(script: ShellScript) {
    this.#script = script;
    this.ends = new Ends(script);
  }

  /** What a branch does about what it is for. */
  answer(branch: Branch): LoopAnswer {
    const end = this.ends.ofList(branch.body);
    return {
      // In the script itself nothing is left to return to.
      end: end.kind === 'returns' ? 'exits' : end.kind,
      mayExit: end.mayExit,
      status: end.kind === 'goes-on' ? undefined : end.status,
      keeps: this.assignmentsOf(branch.body).length > 0,
      prints: outputsOf(branch.body, this.#script).map(({ stream, node }) => ({
        stream,
        place: this.#script.place(node),
      })),
      place: this.#script.place(branch.node),
    };
  }

  /** What an arm does that answers options, beside their names. `argument` are the variables that hold the argument. */
  arm(branch: Branch, argument: ReadonlySet<string>): Omit<OptionArm, 'names'> {
    return {
      ...this.answer(branch),
      readsArgument: this.reads(branch.body, argument),
      isEmpty: branch.body.commands.every(
        ({ command }) => command.type === 'Command' && NOTHING.test(commandName(command) ?? 'x'),
      ),
      works: worksOf(branch.body).map(({ command, node }) => ({ command, place: this.#script.place(node) })),
    };
  }

  /** Whether a part of the script, or a function that it calls, reads one of some variables. */
  reads(root: SyntaxNode, wanted: ReadonlySet<string>): boolean {
    let found = false;
    const visit = (node: SyntaxNode): void => {
      if (found) return;
      found =
        wanted.has(readVariable(node) ?? '') || (node.type === 'Command' && this.#readsBy(node, wanted));
      if (!found) forEachChild(node, visit);
    };
    visit(root);
    return found;
  }

  #readsBy(command: Command, wanted: ReadonlySet<string>): boolean {
    const called = commandName(command) ?? '';
    // What is run as a text may read what it names.
    if (called === 'eval' && /OPTARG|\$\{?\d/.test(command.args.map(({ text }) => text).join(' ')))
      return true;
    const read = this.#readInFunction(called, 0);
    // In a function the positional parameters are its own, the variables are not.
    for (const name of wanted) if (!/^\d+$/.test(name) && read.has(name)) return true;
    return false;
  }

  /** The variables that a function reads, and those that it calls. */
  #readInFunction(name: string, depth: number): ReadonlySet<string> {
    const known = this.#readByFunction.get(name);
    if (known !== undefined) return known;
    const read = new Set<string>();
    this.#readByFunction.set(name, read);
    for (const node of this.#script.functions.get(name)?.nodes ?? []) {
      const variable = readVariable(node);
      if (variable !== undefined) read.add(variable);
      if (node.type !== 'Command' || depth >= CALL_LIMIT) continue;
      for (const inner of this.#readInFunction(commandName(node) ?? '', depth + 1)) read.add(inner);
    }
    return read;
  }

  /** The assignments of a part of the script, without those of its functions. */
  assignmentsOf(root: SyntaxNode): Assignment[] {
    const found: Assignment[] = [];
    const visit = (node: SyntaxNode): void => {
      if (node.type === 'Assignment') found.push(node);
      forEachChild(node, visit);
    };
    visit(root);
    return found;
  }
}

/** Commands that change files, processes or other systems. */
const CHANGING: ReadonlySet<string> = new Set(
  'rm rmdir mv cp ln mkdir touch install chmod chown tar unzip gzip gunzip dd kill pkill killall mount umount wget curl scp rsync ssh make apt-get apt dpkg systemctl service useradd userdel git'.split(
    ' ',
  ),
);

/** The commands of a part of a script that change something, those whose value is taken left out. */
function worksOf(root: SyntaxNode): { command: string; node: SyntaxNode }[] {
  const works: { command: string; node: SyntaxNode }[] = [];
  const visit = (node: SyntaxNode): void => {
    if (node.type === 'CommandExpansion' || node.type === 'ProcessSubstitution') return;
    if (node.type === 'Command') {
      const name = commandName(node) ?? '';
      const words = argumentsOf(node).map(({ value }) => value);
      const [command = ''] = name === 'sudo' ? words : [name];
      const isAsked = words.some((word) => /^--?(?:V|h|help|version)$/.test(word));
      if (CHANGING.has(command) && !isAsked && changes(command, words)) works.push({ command, node });
    }
    forEachChild(node, visit);
  };
  visit(root);
  return works;
}

/** Whether a command that has several uses changes something in this one. */
function changes(command: string, words: readonly string[]): boolean {
  if (command === 'git')
    return words.some((word) => /^(?:clone|pull|push|commit|checkout|reset|add|rm|mv|tag|merge)$/.test(word));
  if (command === 'kill') return !words.includes('-0') && !words.includes('-l');
  if (command === 'systemctl' || command === 'service')
    return words.some((word) => /^(?:start|stop|restart|enable|disable|reload|mask)$/.test(word));
  if (command === 'tar') return !words.some((word) => /^-?[a-z]*t/.test(word) && !word.startsWith('--'));
  if (command === 'dpkg' || command === 'apt' || command === 'apt-get')
    return words.some((word) => /^(?:-i|--install|install|remove|purge|upgrade|-r|-P)$/.test(word));
  if (command === 'ssh' || command === 'curl' || command === 'make') return command === 'make';
  return true;
}
