import { audit, auditJson, auditText, isAtLeast, type Level } from 'dabbawala';
import { DONE, FOUND, UNUSABLE } from '../exit-status.ts';
import { type Io, textOptions } from '../io.ts';
import { readSources } from '../read-sources.ts';
import { helpSettings, type SourceOptions } from '../source-options.ts';
import { TOOL } from '../version.ts';

export interface AuditOptions extends SourceOptions {
  readonly failOn: Level | 'never';
}

export async function runAudit(names: readonly string[], options: AuditOptions, io: Io): Promise<number> {
  const { interfaces, problems, unusable } = await readSources(names, helpSettings(options), io);
  if (interfaces.length === 0 && options.format === 'text') return UNUSABLE;
  const result = audit(interfaces);
  io.write(
    options.format === 'json' ? auditJson(result, problems, TOOL) : auditText(result, textOptions(io)),
  );
  if (unusable) return UNUSABLE;
  const { failOn } = options;
  return failOn !== 'never' && result.findings.some(({ level }) => isAtLeast(level, failOn)) ? FOUND : DONE;
}
