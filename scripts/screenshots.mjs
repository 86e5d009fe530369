// Takes the pictures of docs/screenshots anew, from the demo data: the command in a terminal, and the page.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { chromium } from 'playwright-core';
import { preview } from 'vite';
import { buildIfNeeded, fail, root, run } from './setup.mjs';

const VIEWPORT = { width: 1280, height: 800 };
const COLUMNS = 110;
const help = 'demo/tiffin-1.4/help';
const folder = join(root, 'docs/screenshots');
const require = createRequire(import.meta.url);

buildIfNeeded();
run(process.execPath, ['node_modules/vite/bin/vite.js', 'build', 'examples/workbench', '--logLevel', 'warn']);
mkdirSync(folder, { recursive: true });

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--headless',
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const all = readdirSync(join(root, help)).map((name) => `${help}/${name}`);
await terminal('audit', `audit ${help}/*.txt`, ['audit', ...all]);
const tiffin = 'demo/tiffin-1.4/tiffin.yaml';
await terminal('abbreviations', `abbreviations ${tiffin}`, ['abbreviations', tiffin]);
const rounds = ['abbreviations', 'demo/rounds/rounds.yaml', 'r:p', 'r:pl', 'roun', '--', '--vers', '--stop'];
await terminal('words', rounds.join(' '), rounds);
const boxListHelp = `${help}/tiffin-box-list.txt`;
await terminal('annotate', `annotate ${boxListHelp}`, ['annotate', boxListHelp]);
const line = ['box', 'list', '-arnorth', '--late', '--sor=siz', 'mon', '--', '-x', '--maap'];
await terminal('trace', `trace ${tiffin} -- ${line.join(' ')}`, ['trace', tiffin, '--', ...line]);
const extended = ['demo/rounds/rounds.yaml', '--with', 'demo/rounds/rounds-harbour.yaml'];
await terminal('script', 'audit demo/scripts/boxsort', ['audit', 'demo/scripts/boxsort']);
const tidebook = ['yaml', 'txt', '1'].map((kind) => `demo/tidebook/tidebook.${kind}`);
await terminal('sources', 'audit demo/tidebook/*', ['audit', ...tidebook]);
await terminal('extension', `audit ${extended.join(' ')}`, ['audit', ...extended]);
const boxList = ['convert', '--to=yaml', `${help}/tiffin-box-list.txt`];
await terminal('convert', boxList.join(' '), boxList);
await terminal('callers', `callers ${tiffin} demo/callers/bin demo/callers/harbour.crontab`, [
  'callers',
  tiffin,
  'demo/callers/bin',
  'demo/callers/harbour.crontab',
]);
const versions = ['compare', tiffin, 'demo/tiffin-2.0/tiffin.yaml'];
await terminal('compare', versions.join(' '), versions);
const fixed = [...versions, '--callers=demo/callers', '--format=patch'];
await terminal('patch', fixed.join(' '), fixed);
const scripts = ['tiffin.bash', '_tiffin', 'tiffin.fish'].map((name) => `demo/tiffin-1.4/completion/${name}`);
const covered = ['coverage', tiffin, ...scripts];
await terminal('coverage', `coverage ${tiffin} demo/tiffin-1.4/completion/*`, covered);
await terminal('capture', 'capture --plan --probe tiffin', ['capture', '--plan', '--probe', 'tiffin']);
const declared = ['capture', '--declared', '--yes', 'demo/programs/stowage.py'];
await terminal('declared', declared.join(' '), declared);
const lantern = 'node_modules/.cache/dabbawala-demo/lantern';
mkdirSync(join(root, dirname(lantern)), { recursive: true });
spawnSync('cc', ['-o', lantern, 'demo/programs/lantern.c'], { cwd: root, stdio: 'inherit' });
const probed = ['capture', '--probe', '--yes', lantern];
await terminal('probed', probed.join(' '), probed);
await terminal('explain', 'explain fragile-word', ['explain', 'fragile-word']);
await report();
await workbench();
await browser.close();

/** Runs the command on a pseudo-terminal, and draws a screen of what it prints: the first one, or from a line before the end. */
async function terminal(name, shown, words, from = 0) {
  const command = ['node', 'dist/cli/bin.js', ...words].join(' ');
  const { stdout, status } = spawnSync('script', ['-qec', `stty cols ${COLUMNS}; ${command}`, '/dev/null'], {
    cwd: root,
    input: '',
    encoding: 'utf8',
    env: { ...process.env, TERM: 'xterm-256color' },
  });
  if (status === 2) fail(`dabbawala ${name} failed:\n${stdout}`);
  const page = await browser.newPage({ viewport: VIEWPORT });
  await page.setContent('<body style="margin:8px;background:#14191c"><div id="t"></div></body>');
  await page.addStyleTag({ path: require.resolve('@xterm/xterm/css/xterm.css') });
  await page.addScriptTag({ path: require.resolve('@xterm/xterm/lib/xterm.js') });
  const screen = `$ npx dabbawala ${shown}\r\n\r\n${stdout.trimEnd().split('\r\n').slice(from).slice(0, 40).join('\r\n')}`;
  await page.evaluate(
    ([text, cols]) =>
      new Promise((done) => {
        const t = new globalThis.Terminal({
          cols,
          rows: 43,
          fontSize: 15,
          fontFamily: 'DejaVu Sans Mono, monospace',
          theme: { background: '#14191c', foreground: '#e4e4df' },
          cursorInactiveStyle: 'none',
        });
        t.open(document.getElementById('t'));
        t.write(text, done);
      }),
    [screen, COLUMNS],
  );
  await page.waitForTimeout(200);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await page.close();
}

/** An audit as a page. */
async function report() {
  const { stdout } = spawnSync('node', ['dist/cli/bin.js', 'audit', tiffin, '--format=html'], {
    cwd: root,
    encoding: 'utf8',
  });
  const page = await browser.newPage({ viewport: VIEWPORT });
  await page.setContent(stdout);
  await page.screenshot({ path: join(folder, 'report.png') });
  await page.close();
}

/** The page with a finding chosen. */
async function workbench() {
  const server = await preview({
    root: join(root, 'examples/workbench'),
    preview: { port: 0, host: '127.0.0.1' },
    logLevel: 'silent',
  });
  const page = await browser.newPage({ viewport: VIEWPORT });
  await page.goto(server.resolvedUrls.local[0]);
  await page.selectOption('select', 'tiffin-1.4/tiffin.yaml');
  await page.waitForSelector('.finding-error');
  await page.click('.finding-error');
  await page.waitForTimeout(200);
  await page.screenshot({ path: join(folder, 'workbench.png') });
  await server.close();
}
