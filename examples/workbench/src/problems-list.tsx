import { LineIndexes, type Problem } from 'dabbawala';

/** What kept the text from being read in whole, each with its line. */
export function ProblemsList({ problems }: { readonly problems: readonly Problem[] }) {
  const indexes = new LineIndexes();
  return (
    <>
      {problems.map(({ place, code, message }) => (
        <p key={`${code} ${place?.start ?? ''}`} class="problem" role="alert">
          {place !== null && <span class="line">line {indexes.start(place).line}</span>} {message}
        </p>
      ))}
    </>
  );
}
