import type { ConformanceRow } from 'dabbawala';

export interface ConformanceTableProps {
  readonly title: string;
  readonly rows: readonly ConformanceRow[];
}

/** One standard's rules and how the interface stands to them. */
export function ConformanceTable({ title, rows }: ConformanceTableProps) {
  const judged = rows.filter((row) => row.standing !== 'not judged').length;
  return (
    <details class="conformance">
      <summary>
        {title}: {judged} of {rows.length} rules judged
      </summary>
      <table>
        <tbody>
          {rows.map((row) => (
            <tr key={row.section + row.label}>
              <th scope="row" title={row.asks}>
                {row.section.replace('Guideline ', '')} {row.label}
              </th>
              <td class={`standing standing-${row.standing.replace(' ', '-')}`}>{row.standing}</td>
              <td>{row.evidence}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
