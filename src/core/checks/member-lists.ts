import type { Json } from '../findings/finding.ts';

/** What a list in the data of findings is called where its check does not say, and its items are names. */
const CUSTOMARY = ['names', 'subjects'] as const;

interface AnyMemberList {
  readonly list: PropertyKey;
  readonly nameOf: (item: never) => string;
}

type Record = { readonly [key: string]: Json };

/** Reads the members of findings from their data. */
export class MemberLists {
  readonly #declared: AnyMemberList | undefined;

  constructor(declared: AnyMemberList | undefined) {
    this.#declared = declared;
  }

  /** What a finding tells of: its subject where its data have no list. Those that do not begin with the subject, as values of an option do not, are told with it. */
  membersOf(data: Json, subject: string): readonly string[] {
    const found = this.#listOf(data);
    if (found === undefined || found.items.length === 0) return [subject];
    const names = found.items.map((item) => this.#nameOf(item));
    return names.includes(subject) ? names : names.map((name) => `${subject} ${name}`);
  }

  /** The data with the members that are left out taken from the list; undefined where there is no list, or nothing would stay in it. */
  without(data: Json, subject: string, left: ReadonlySet<string>): Json | undefined {
    const found = this.#listOf(data);
    if (found === undefined) return undefined;
    const members = this.membersOf(data, subject);
    const items = found.items.filter((_, i) => !left.has(members[i] ?? ''));
    return items.length === 0 || items.length === found.items.length
      ? undefined
      : { ...found.record, [found.key]: items };
  }

  #listOf(data: Json): { key: string; record: Record; items: readonly Json[] } | undefined {
    if (typeof data !== 'object' || data === null || Array.isArray(data)) return undefined;
    const record = data as Record;
    const key =
      this.#declared === undefined
        ? CUSTOMARY.find((one) => isListOfTexts(record[one]))
        : String(this.#declared.list);
    const items = key === undefined ? undefined : record[key];
    return key !== undefined && Array.isArray(items) ? { key, record, items } : undefined;
  }

  #nameOf(item: Json): string {
    return this.#declared === undefined ? String(item) : this.#declared.nameOf(item as never);
  }
}

function isListOfTexts(value: Json | undefined): boolean {
  return Array.isArray(value) && value.every((item) => typeof item === 'string');
}
