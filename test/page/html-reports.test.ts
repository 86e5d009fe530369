import assert from 'node:assert/strict';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { pathToFileURL } from 'node:url';
import { AUDIT_REPORTS, audit, readSource } from 'dabbawala';
import {
  CALLERS_REPORTS,
  COMPARISON_REPORTS,
  compareCallers,
  compareInterfaces,
  findCallers,
} from 'dabbawala/analysis';
import type { Interface } from 'dabbawala/model';
import { type Browser, chromium } from 'playwright-core';
import { HOSTILE_NAMES } from '../reports/hostile-names.ts';
import { ROOT } from '../support/run-dabbawala.ts';

const CHROMIUM = '/usr/bin/chromium';
const skip = existsSync(CHROMIUM) ? false : 'chromium is not on this machine';
const AXE = createRequire(import.meta.url).resolve('axe-core/axe.min.js');
const FOLDER = mkdtempSync(join(tmpdir(), 'dabbawala-html-'));
const CONTEXT = { tool: { name: 'dabbawala', version: '1.2.3' }, text: { width: 80, colour: false } };

let browser: Browser;
before(async () => {
  if (skip !== false) return;
  browser = await chromium.launch({
    executablePath: CHROMIUM,
    timeout: 600_000,
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
});
after(async () => {
  await browser?.close();
  rmSync(FOLDER, { recursive: true, force: true });
});

function demo(version: string): Interface {
  const name = `demo/tiffin-${version}/tiffin.yaml`;
  const { interface: cli } = readSource({ name, text: readFileSync(join(ROOT, name), 'utf8') });
  assert.ok(cli !== undefined);
  return cli;
}

/** What a page says of itself when it is opened, light or dark, and what it asks for; whether everybody can read it where that is asked. */
async function opened(html: string, colorScheme: 'light' | 'dark', isChecked = true) {
  const path = join(FOLDER, 'report.html');
  writeFileSync(path, html);
  // The check for accessibility is put into the page, which itself lets nothing run.
  const page = await browser.newPage({ colorScheme, bypassCSP: true });
  page.setDefaultTimeout(600_000);
  const requests: string[] = [];
  const errors: string[] = [];
  page.on('request', (request) => requests.push(request.url()));
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  page.on('dialog', (dialog) => {
    errors.push(dialog.message());
    void dialog.dismiss();
  });
  await page.goto(pathToFileURL(path).href);
  await page.evaluate(() => {
    for (const one of document.querySelectorAll('details')) one.open = true;
  });
  if (isChecked) await page.addScriptTag({ path: AXE });
  const violations: string[] = isChecked
    ? await page.evaluate(
        'axe.run().then(({ violations }) => violations.map(({ id, nodes }) => id + nodes[0].html))',
      )
    : [];
  const elements: string[] = await page.evaluate(() => [
    ...new Set([...document.querySelectorAll('body *')].map((one) => one.localName)),
  ]);
  const text = (await page.locator('main').textContent()) ?? '';
  await page.close();
  return { requests: requests.length, errors, violations, elements, text };
}

/** The elements that our pages have. */
const ELEMENTS = new Set(
  'main h1 h2 h3 code ul li b section div table thead tbody tr th td span i article p pre mark details summary footer script'.split(
    ' ',
  ),
);

test('pages of reports can be read by everybody, light and dark, and ask nobody for anything', {
  skip,
}, async () => {
  const [old, next] = [demo('1.4'), demo('2.0')];
  const name = 'demo/callers/harbour.crontab';
  const found = findCallers([{ name, text: readFileSync(join(ROOT, name), 'utf8') }], old);
  const sides = {
    title: 'tiffin 1.4 to 2.0',
    comparison: compareInterfaces(old, next),
    callers: compareCallers(found, old, next),
  };
  const pages = [
    AUDIT_REPORTS.html(audit([old]), CONTEXT),
    COMPARISON_REPORTS.html(sides, CONTEXT),
    CALLERS_REPORTS.html(found, CONTEXT),
  ];
  for (const html of pages)
    for (const scheme of ['light', 'dark'] as const) {
      const { requests, errors, violations, elements } = await opened(html, scheme);
      assert.deepEqual([requests, errors, violations], [1, [], []]);
      assert.deepEqual(
        elements.filter((one) => !ELEMENTS.has(one)),
        [],
      );
    }
});

test('a page of an audit has every finding with its line, the letters, and what is nowhere', {
  skip,
}, async () => {
  const result = audit([demo('1.4')]);
  const { text } = await opened(AUDIT_REPORTS.html(result, CONTEXT), 'light');
  for (const { message } of result.findings) assert.ok(text.includes(message), message);
  assert.match(text, /3\s*errors/);
  assert.match(text, /--avoid-harbour: send carriers/);
  assert.match(text, /Letters of tiffin/);
  // '--note' is a text at one command and takes something else at another; '--route' is a name and the beginning of one.
  assert.match(text, /--note\s*● the same\s*◆ something else/);
  assert.match(text, /--route\s*--route-map/);
  assert.match(text, /Nothing in .*script/);
});

test('names of strangers are inert in a page', { skip }, async () => {
  const interfaces = HOSTILE_NAMES.flatMap((name) => {
    const document = {
      dabbawala: 1,
      program: name,
      options: { '--late': name, '--later': name, '-l': name },
      commands: { [name]: { summary: name, options: { '-l': name, '--late_box': name } } },
    };
    return readSource({ name: `${name}.yaml`, text: JSON.stringify(document) }).interface ?? [];
  });
  assert.ok(interfaces.length > 20);
  // A browser takes a second for each page: several names stand in one.
  for (let i = 0; i < interfaces.length; i += 8) {
    const html = AUDIT_REPORTS.html(audit(interfaces.slice(i, i + 8)), CONTEXT);
    assert.doesNotMatch(html, /[\0-\x08\x0b-\x1f\x7f-\x9f\u200e\u200f\u202a-\u202e\u2066-\u2069]/);
    const { requests, errors, elements } = await opened(html, 'light', false);
    assert.deepEqual([requests, errors], [1, []], `${i}`);
    assert.deepEqual(
      elements.filter((one) => !ELEMENTS.has(one)),
      [],
      `${i}`,
    );
  }
});
