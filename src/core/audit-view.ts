import { type OptionScope, optionScopes } from './abbreviations/option-scope.ts';
import type { Interface, Standard } from './model/interface.ts';
import { type CommandAt, walkCommands } from './model/walk.ts';

/** What the checks look at: one interface, and what several of them need of it, computed once. */
export class AuditView {
  readonly interface: Interface;
  readonly commands: readonly CommandAt[];
  readonly scopes: readonly OptionScope[];
  readonly #claims: ReadonlySet<Standard>;

  constructor(from: Interface) {
    this.interface = from;
    this.commands = [...walkCommands(from)];
    this.scopes = optionScopes(from);
    this.#claims = new Set(from.claims.map((claim) => claim.value));
  }

  /** The commands that a source describes itself, not only names in a list. */
  get described(): readonly CommandAt[] {
    return this.commands.filter((at) => at.command.described);
  }

  /** Whether the interface claims to follow a standard. */
  claims(standard: Standard): boolean {
    return this.#claims.has(standard);
  }
}
