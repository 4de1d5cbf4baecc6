import { randomUUID } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { openPromise } from 'yauzl';
import { sizedClass } from '@hodsman/core/testing';
import demoClass from '../../demo/class-sunday.json' with { type: 'json' };
import { start, withApplication } from './application.ts';
import type { Row } from './table.ts';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));
const PORT = 4796;
const CLASSES = 500;
const STATES = 4;
const AT_ONCE = 10;
const PATIENCE_MS = 120_000;

const seconds = (since: number): number => (performance.now() - since) / 1000;

/** The sheets of a full class: made, saved as PDF by the server, and by the browser's own print. */
async function measureSheets(): Promise<readonly Row[]> {
  return withApplication(async (page) => {
    const made = await page.request.post('/api/documents/class', {
      data: sizedClass({ people: 36, breads: 3, each: 1, griddles: 10 }),
      headers: { 'Idempotency-Key': randomUUID() },
    });
    const { id } = (await made.json()) as { id: string };
    await page.goto(`/class/${id}/print`);
    await page.locator('[data-testid="verdict"][data-planning="false"]').waitFor({ timeout: PATIENCE_MS });
    const save = page.getByRole('button', { name: 'Save as PDF', exact: true });
    await save.and(page.locator(':enabled')).waitFor({ timeout: PATIENCE_MS });
    // a wider pan: all recipes for home are planned anew
    let since = performance.now();
    await page.getByLabel('Breads that lie in a pan at home').fill('2');
    await page.getByText('Working it out …').waitFor();
    await save.and(page.locator(':enabled')).waitFor({ timeout: PATIENCE_MS });
    const sheets = seconds(since);
    since = performance.now();
    const [file] = await Promise.all([page.waitForEvent('download', { timeout: PATIENCE_MS }), save.click()]);
    const path = await file.path();
    const server = seconds(since);
    const { numPages } = await getDocument({ data: new Uint8Array(readFileSync(path)) }).promise;
    since = performance.now();
    await page.pdf({ preferCSSPageSize: true, printBackground: true });
    return [
      { what: 'all sheets made, 108 recipes for home planned anew among them', measured: sheets, unit: 's', limit: 10 },
      { what: 'saved as one PDF by the server', measured: server, unit: 's', limit: 10 },
      { what: 'the same: pages', measured: numPages, unit: '' },
      { what: 'the same by the browser’s own print', measured: seconds(since), unit: 's', limit: 10 },
    ];
  });
}

/** Classes through the door of the application, each saved again and again. */
async function fill(url: string): Promise<void> {
  const send = async (method: string, path: string, body: unknown): Promise<{ readonly id: string }> => {
    const answer = await fetch(`${url}/api/documents/class${path}`, {
      method,
      headers: { 'content-type': 'application/json', 'Idempotency-Key': randomUUID() },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${method} ${answer.status}`);
    return (await answer.json()) as { id: string };
  };
  const one = async (n: number): Promise<void> => {
    const { id } = await send('POST', '', { ...demoClass, title: `Class ${n}` });
    for (let version = 1; version < STATES; version++)
      await send('PUT', `/${id}`, { version, body: { ...demoClass, title: `Class ${n}, state ${version}` } });
  };
  for (let n = 0; n < CLASSES; n += AT_ONCE) await Promise.all(Array.from({ length: AT_ONCE }, (_, i) => one(n + i)));
}

/** What a backup says of each of its tables: rows, size, checksum. */
async function tablesOf(path: string): Promise<string> {
  const zip = await openPromise(path, { autoClose: false });
  try {
    for await (const entry of zip.eachEntry()) {
      if (entry.fileName !== 'manifest.json') continue;
      const parts: Buffer[] = [];
      for await (const part of await zip.openReadStreamPromise(entry)) parts.push(part as Buffer);
      return JSON.stringify((JSON.parse(Buffer.concat(parts).toString()) as { tables: unknown }).tables);
    }
  } finally {
    zip.close();
  }
  throw new Error('the backup has no manifest');
}

/** By command as somebody does it: the database is started and stopped in it. */
async function measureBackups(): Promise<readonly Row[]> {
  const data = mkdtempSync(join(tmpdir(), 'hodsman-bench-'));
  const env = { ...process.env, HODSMAN_DATA: data, PORT: String(PORT), HODSMAN_DATABASE_URL: '' };
  const command = (...words: readonly string[]): number => {
    const since = performance.now();
    const done = spawnSync(process.execPath, ['scripts/backup.mjs', ...words], { cwd: ROOT, env, encoding: 'utf8' });
    if (done.status !== 0) throw new Error(`${words.join(' ')}: ${done.stderr}`);
    return seconds(since);
  };
  const newest = (): string => join(data, 'made', readdirSync(join(data, 'made')).sort().at(-1) ?? '');
  try {
    const running = await start(env);
    await fill(`http://127.0.0.1:${PORT}`);
    const since = performance.now();
    const handed = await fetch(`http://127.0.0.1:${PORT}/api/backup`);
    const { byteLength } = await handed.arrayBuffer();
    const byServer = seconds(since);
    await running.stop();
    const byCommand = command('backup', join(data, 'made'));
    const first = newest();
    const restored = command('restore', first, '--yes');
    command('backup', join(data, 'made'));
    const isEqual = (await tablesOf(first)) === (await tablesOf(newest()));
    return [
      { what: 'a backup handed out by the server', measured: byServer, unit: 's', limit: 30 },
      { what: 'the same: its size', measured: byteLength / 1e6, unit: 'MB' },
      { what: 'a backup by command, the database started for it', measured: byCommand, unit: 's', limit: 30 },
      { what: 'restored by command, a backup of what was there made first', measured: restored, unit: 's', limit: 60 },
      { what: 'tables equal by their checksums afterwards (1: all)', measured: isEqual ? 1 : 0, unit: '' },
    ];
  } finally {
    rmSync(data, { recursive: true, force: true });
  }
}

/** What leaves the screen, and what is kept against loss. */
export async function measurePaper(): Promise<readonly Row[]> {
  return [...(await measureSheets()), ...(await measureBackups())];
}
