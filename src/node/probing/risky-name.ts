/** Words of names at which a program may end, change or begin something that cannot be taken back. */
const RISKY_WORDS: ReadonlySet<string> = new Set(
  (
    'abort daemon daemonise daemonize delete destroy detach discard drop erase exec execute fork halt hibernate install kexec kill logout ' +
    'mkfs nuke poweroff prune publish purge push reboot reload remove reset restart rollback run serve server shutdown start stop suspend ' +
    'terminate truncate uninstall unlink unmount upgrade upload wipe zap'
  ).split(' '),
);

/** Whether the name of an option or command speaks of something that must not happen by mistake: `reboot`, `kill-all`, `run_as_daemon`. */
export function isRiskyName(name: string): boolean {
  const words = name
    // What only shows what would be done harms nothing.
    .replace(/^dry-?run$/, '')
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .split(/[^a-z]+/);
  return words.some((word) => RISKY_WORDS.has(word));
}
