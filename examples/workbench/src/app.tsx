import { type Finding, LEVELS } from 'dabbawala';
import { useEffect, useMemo, useState } from 'preact/hooks';
import { auditText, type Result } from './audit-text.ts';
import { ConformanceTable } from './conformance-table.tsx';
import { FindingsList } from './findings-list.tsx';
import { HelpEditor } from './help-editor.tsx';
import { ProblemsList } from './problems-list.tsx';
import { SAMPLES } from './samples.ts';

const FIRST_SAMPLE = SAMPLES.find(({ name }) => name === 'tiffin box list') ?? SAMPLES[0];

/** How long the text must rest before it is audited, in milliseconds. */
const REST = 150;

export function App() {
  const [loaded, setLoaded] = useState({ text: FIRST_SAMPLE?.text ?? '' });
  const [text, setText] = useState(loaded.text);
  const [result, setResult] = useState<Result>(() => auditText(text));
  const [chosen, setChosen] = useState<Finding>();

  useEffect(() => {
    const timer = setTimeout(() => {
      setResult(auditText(text));
      setChosen(undefined);
    }, REST);
    return () => clearTimeout(timer);
  }, [text]);

  const findings = result.audit?.findings ?? [];
  const marks = useMemo(() => ({ findings, chosen }), [findings, chosen]);
  const choosePlace = (offset: number) => {
    const at = findings.find(({ place }) => place !== null && place.start <= offset && offset <= place.end);
    if (at !== undefined) setChosen(at);
  };

  return (
    <>
      <header>
        <h1>Dabbawala workbench</h1>
        <p>
          Paste the help output or the interface document of a program. Findings appear beside it; nothing
          leaves this page.
        </p>
        <div class="sources">
          <label>
            Sample{' '}
            <select
              value=""
              onChange={(event) => {
                const sample = SAMPLES.find(({ name }) => name === event.currentTarget.value);
                if (sample !== undefined) setLoaded({ text: sample.text });
                event.currentTarget.value = '';
              }}
            >
              <option value="">choose…</option>
              {SAMPLES.map(({ name }) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          </label>
          <label>
            Open{' '}
            <input
              type="file"
              onChange={async (event) => {
                const file = event.currentTarget.files?.[0];
                if (file !== undefined) setLoaded({ text: await file.text() });
              }}
            />
          </label>
          <button type="button" onClick={() => setLoaded({ text: '' })}>
            Clear
          </button>
        </div>
      </header>
      <main>
        <HelpEditor loaded={loaded} marks={marks} onText={setText} onPoint={choosePlace} />
        <section class="results" aria-label="Findings">
          <Summary result={result} />
          <ProblemsList problems={result.problems} />
          <FindingsList findings={findings} chosen={chosen} onChoose={setChosen} />
          {result.audit?.conformance.map(({ program, posix, gnu }) => (
            <div key={program}>
              <ConformanceTable title="POSIX XBD 12.2" rows={posix} />
              <ConformanceTable title="GNU Coding Standards" rows={gnu} />
            </div>
          ))}
        </section>
      </main>
    </>
  );
}

function Summary({ result: { audit } }: { readonly result: Result }) {
  if (audit === undefined) return <p class="summary">Nothing to audit</p>;
  const counts = LEVELS.flatMap((level) => {
    const count = audit.findings.filter((finding) => finding.level === level).length;
    return count === 0 ? [] : [`${count} ${level}${count === 1 ? '' : 's'}`];
  });
  const program = audit.conformance.map((table) => table.program).join(', ');
  return (
    <p class="summary" aria-live="polite">
      <strong>{program}</strong>: {counts.length === 0 ? 'nothing found' : counts.join(', ')}
    </p>
  );
}
