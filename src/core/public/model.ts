/**
 * What an interface is made of.
 *
 * @module dabbawala/model
 */

export {
  type AllowedValue,
  bareValue,
  type Count,
  type Deprecation,
  makeValueWord,
  NO_ARGUMENT,
  type Offer,
  type OptionArgument,
  type PairKey,
  type Range,
  type ValueType,
  type ValueWord,
} from '../model/argument.ts';
export { bringUpToDate } from '../model/bring-up-to-date.ts';
export {
  type Command,
  type CommandName,
  commandName,
  type Example,
  type Form,
  type FormOption,
  makeCommand,
} from '../model/command.ts';
export { type Basis, type Fact, inferred, type Knowable, observed, stated } from '../model/fact.ts';
export {
  type EnvironmentVariable,
  type ExitStatus,
  type Interface,
  type InterfaceSource,
  makeInterface,
  type Observation,
  type ParserMark,
  type RelatedFile,
  SOURCE_KINDS,
  type SourceKind,
  type Standard,
} from '../model/interface.ts';
export {
  type CommandInventory,
  type Inventory,
  type OfferedArgument,
  type OfferedOption,
  type OfferedWord,
  SHELLS,
  type Shell,
  type Unread,
} from '../model/inventory.ts';
export type { ItemList } from '../model/item-list.ts';
export { takesEitherHyphens, withOtherHyphens, withTwoHyphens } from '../model/long-hyphens.ts';
export { nearestRule } from '../model/nearest-rule.ts';
export type { Operand } from '../model/operand.ts';
export {
  argumentOf,
  type Inheritance,
  longNames,
  mainName,
  makeOption,
  type NameForm,
  type Option,
  type OptionName,
  type Repetition,
} from '../model/option.ts';
export type {
  DeclaredName,
  HandledName,
  LoopAnswer,
  LoopKind,
  OptionArm,
  OptionLoop,
  Stream,
} from '../model/option-loop.ts';
export { overrideRules } from '../model/override-rules.ts';
export {
  type ParsingRules,
  type RuleValues,
  UNKNOWN_RULES,
  type ValueForms,
  type WordJoint,
} from '../model/parsing-rules.ts';
export type { Member, Relation, RelationKind } from '../model/relation.ts';
export { saysTheSame } from '../model/same.ts';
export { type CommandAt, walkCommands } from '../model/walk.ts';
