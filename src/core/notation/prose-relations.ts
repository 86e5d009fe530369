/** What a sentence says of the options that it names beside its own. */
export interface ProseRelation {
  readonly kind: 'excludes' | 'requires' | 'implies';
  readonly names: readonly string[];
}

const NAME = String.raw`["'\x60]?-{1,2}[\w][\w-]{0,60}["'\x60]?`;
const NAMES = `(${NAME}(?:(?:, | and | or |, and |, or |/)${NAME}){0,8})`;

const EXCLUDES = new RegExp(
  String.raw`\b(?:conflicts with|(?:cannot|can't|can not|may not|must not) be (?:used|combined|given|specified|mixed)(?: together)? with|not (?:allowed|valid|compatible|possible) (?:together )?with|incompatible with|mutually exclusive with|excludes|(?<=[;,(] ?)not (?:together )?with)(?: the)?(?: options?)? ${NAMES}`,
  'gi',
);

const REQUIRES = new RegExp(
  String.raw`\b(?:requires:?|needs|(?:only|must be) (?:valid |used |allowed |useful |given )?(?:together )?with|ignored (?:unless|without)|no (?:effect|meaning) without|meaningless without)(?: the)?(?: options?)? ${NAMES}`,
  'gi',
);

const IMPLIES = new RegExp(`\\bimplies(?: the)?(?: options?)? ${NAMES}`, 'gi');

/** So much of a text is searched. */
const SEARCHED = 4000;

/** The relations to other options that the text of an option tells: `cannot be used with --late`, `implies -q`. */
export function proseRelations(text: string): ProseRelation[] {
  const searched = text.slice(0, SEARCHED);
  const found = (pattern: RegExp, kind: ProseRelation['kind']) =>
    [...searched.matchAll(pattern)].map(([, names = '']) => ({
      kind,
      names: names.match(/-{1,2}\w[\w-]*/g) ?? [],
    }));
  return [...found(EXCLUDES, 'excludes'), ...found(REQUIRES, 'requires'), ...found(IMPLIES, 'implies')];
}
