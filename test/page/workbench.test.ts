import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { after, before, beforeEach, test } from 'node:test';
import { type Browser, chromium, type Page } from 'playwright-core';
import { type PreviewServer, preview } from 'vite';
import { ROOT } from '../support/run-dabbawala.ts';

const CHROMIUM = '/usr/bin/chromium';
const skip = existsSync(CHROMIUM) ? false : 'chromium is not on this machine';
const AXE = createRequire(import.meta.url).resolve('axe-core/axe.min.js');

let server: PreviewServer;
let browser: Browser;
let page: Page;
let address = '';
const errors: string[] = [];
const requests: string[] = [];

before(async () => {
  if (skip !== false) return;
  server = await preview({
    root: join(ROOT, 'examples/workbench'),
    preview: { port: 0, host: '127.0.0.1' },
    logLevel: 'silent',
  });
  address = server.resolvedUrls?.local[0] ?? '';
  const switches = ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'];
  const quiet = ['--disable-background-networking', '--disable-component-update', '--disable-sync'];
  browser = await chromium.launch({
    executablePath: CHROMIUM,
    timeout: 600_000,
    args: ['--headless', ...switches, ...quiet],
  });
});
after(async () => {
  await browser?.close();
  await server?.close();
});
beforeEach(async () => {
  if (skip !== false) return;
  await page?.close();
  page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.setDefaultTimeout(600_000);
  errors.length = 0;
  requests.length = 0;
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  page.on('request', (request) => requests.push(request.url()));
  await page.goto(address);
});

async function setText(text: string): Promise<void> {
  await page.click('.cm-content');
  await page.keyboard.press('Control+A');
  await page.evaluate((value) => {
    const data = new DataTransfer();
    data.setData('text/plain', value);
    const event = new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true });
    document.querySelector('.cm-content')?.dispatchEvent(event);
  }, text);
}

const checksShown = () => page.locator('.finding .check').allTextContents();

test('a pasted help output is audited, and choosing a finding marks its lines', { skip }, async () => {
  await setText(
    'Usage: tiffin\n\n  -b, --box=ID     print one box only\n  -b, --breakfast  deliver before eight\n',
  );
  await page.waitForSelector('.finding-error');
  assert.ok((await checksShown()).includes('conflicts/same-name-twice'));
  assert.equal(await page.locator('.line-chosen').count(), 0);
  await page.click('.finding-error');
  assert.match((await page.locator('.line-chosen').textContent()) ?? '', /-b, --box=ID/);
  assert.match((await page.locator('.line-related').textContent()) ?? '', /-b, --breakfast/);
  assert.equal(await page.locator('.finding-error').getAttribute('aria-pressed'), 'true');
  assert.equal(await page.locator('.mark-chosen').textContent(), '-b');
});

test('clicking marked words chooses their finding', { skip }, async () => {
  await page.selectOption('select', 'tiffin route print');
  await page.waitForSelector('.mark-warning');
  await page.click('.mark-warning');
  const chosen = page.locator('.finding[aria-pressed=true] .check');
  assert.equal(await chosen.textContent(), 'names/one-letter-long');
});

test('a file can be opened, and the findings follow what is typed', { skip }, async () => {
  await page.setInputFiles('input[type=file]', {
    name: 'help.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('Usage: boxsort [-q]\n\n  --x=KEY  sort by KEY\n'),
  });
  await page.waitForFunction(() => document.querySelector('.summary')?.textContent?.includes('boxsort'));
  assert.ok((await checksShown()).includes('names/one-letter-long'));
  await page.click('.cm-content');
  await page.keyboard.press('Control+End');
  await page.keyboard.type('  --late-box=WORD  late box\n');
  await page.waitForFunction(() => document.querySelectorAll('.finding-warning').length === 2);
});

test('text that is no help output is refused with a reason, and markup in it stays text', {
  skip,
}, async () => {
  await page.click('text=Clear');
  await page.waitForSelector('.problem');
  assert.match(
    (await page.locator('.problem').textContent()) ?? '',
    /expected help output, found an empty text/,
  );
  await setText(
    'Usage: <img src=x onerror=document.title=1>\n\n  --n=<b>X</b>  <script>document.title=2</script>\n',
  );
  await page.waitForSelector('.finding-warning');
  assert.equal(await page.title(), 'Dabbawala workbench');
  assert.equal(await page.locator('.results img, .results script, .results b').count(), 0);
});

test('the page asks for nothing but its own files, and has no errors and no barriers', { skip }, async () => {
  await page.click('.conformance summary');
  await page.evaluate(readFileSync(AXE, 'utf8'));
  const { violations } = (await page.evaluate('axe.run()')) as { violations: { id: string }[] };
  assert.deepEqual(
    violations.map(({ id }) => id),
    [],
  );
  assert.deepEqual(errors, []);
  assert.deepEqual(
    requests.filter((url) => !url.startsWith(address) && !url.startsWith('data:')),
    [],
  );
});

test('an interface document is read as one, and its mistakes are told with their lines', {
  skip,
}, async () => {
  await setText('dabbawala: 1\nprogram: boxsort\nverison: 2\noptions:\n  --n=X: one\n');
  await page.waitForSelector('.problem');
  assert.equal(
    await page.locator('.problem').textContent(),
    "line 3 unknown key 'verison'; did you mean 'version'?",
  );
  assert.deepEqual(await checksShown(), ['names/one-letter-long']);
  assert.deepEqual(errors, []);
});
