import { type Extension, StateEffect, StateField } from '@codemirror/state';
import { Decoration, type DecorationSet, EditorView } from '@codemirror/view';
import type { Finding } from 'dabbawala';

/** The findings to mark in the text, and the one that was chosen. */
export interface Marks {
  readonly findings: readonly Finding[];
  readonly chosen: Finding | undefined;
}

export const setMarks = StateEffect.define<Marks>();

/** Underlines the words that findings are about, and fills the lines of the chosen one. */
export const findingMarks: Extension = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(decorations, transaction) {
    let next = decorations.map(transaction.changes);
    for (const effect of transaction.effects) {
      if (effect.is(setMarks)) next = decorate(effect.value, transaction.state.doc);
    }
    return next;
  },
  provide: (field) => EditorView.decorations.from(field),
});

type Text = {
  readonly length: number;
  lineAt(at: number): { from: number; number: number };
  line(n: number): { from: number };
};

function decorate({ findings, chosen }: Marks, doc: Text): DecorationSet {
  const ranges = findings.flatMap((finding) => {
    const { place } = finding;
    if (place === null || place.end > doc.length || place.end <= place.start) return [];
    const isChosen = finding === chosen;
    const mark = Decoration.mark({
      class: `mark mark-${finding.level}${isChosen ? ' mark-chosen' : ''}`,
    });
    return [mark.range(place.start, place.end), ...(isChosen ? chosenLines(finding, doc) : [])];
  });
  return Decoration.set(ranges, true);
}

function chosenLines(finding: Finding, doc: Text) {
  const places = [finding.place, ...finding.related.map(({ place }) => place)];
  const lines = new Map<number, string>();
  for (const [i, place] of places.entries()) {
    if (place === null || place.end > doc.length) continue;
    const last = doc.lineAt(place.end).number;
    for (let number = doc.lineAt(place.start).number; number <= last; number++) {
      if (!lines.has(number)) lines.set(number, i === 0 ? 'line-chosen' : 'line-related');
    }
  }
  return [...lines].map(([number, name]) => Decoration.line({ class: name }).range(doc.line(number).from));
}
