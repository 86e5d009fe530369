import { type Finding, LEVELS, LineIndexes } from 'dabbawala';
import { useEffect, useMemo, useRef } from 'preact/hooks';

export interface FindingsListProps {
  readonly findings: readonly Finding[];
  readonly chosen: Finding | undefined;
  readonly onChoose: (finding: Finding) => void;
}

/** The findings, the gravest first; choosing one marks its lines in the text. */
export function FindingsList({ findings, chosen, onChoose }: FindingsListProps) {
  const indexes = useMemo(() => new LineIndexes(), [findings]);
  const sorted = LEVELS.flatMap((level) => findings.filter((finding) => finding.level === level));
  return (
    <ul class="findings">
      {sorted.map((finding) => (
        <FindingCard
          key={`${finding.fingerprint}${finding.place?.start}`}
          finding={finding}
          line={finding.place === null ? undefined : indexes.start(finding.place).line}
          isChosen={finding === chosen}
          onChoose={onChoose}
        />
      ))}
    </ul>
  );
}

interface FindingCardProps {
  readonly finding: Finding;
  readonly line: number | undefined;
  readonly isChosen: boolean;
  readonly onChoose: (finding: Finding) => void;
}

function FindingCard({ finding, line, isChosen, onChoose }: FindingCardProps) {
  const card = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isChosen) card.current?.scrollIntoView({ block: 'nearest' });
  }, [isChosen]);
  return (
    <li ref={card}>
      <button
        type="button"
        class={`finding finding-${finding.level}`}
        aria-pressed={isChosen}
        onClick={() => onChoose(finding)}
      >
        <span class="finding-head">
          <span class="level">{finding.level}</span>
          <span class="check">{finding.check}</span>
          {line !== undefined && <span class="line">line {line}</span>}
        </span>
        <span class="message">{finding.message}</span>
        <span class="fix">{finding.fix}</span>
      </button>
    </li>
  );
}
