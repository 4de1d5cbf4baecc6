import { existsSync } from 'node:fs';
import { readFile, readdir } from 'node:fs/promises';
import { join } from 'node:path';
import type { Page } from 'playwright-core';

/** Sheets as the page has laid them out: their HTML, and the rules of their paper as CSS. */
export interface LaidOut {
  readonly title: string;
  readonly html: string;
  readonly rules: string;
}
/** Makes a PDF of sheets. */
export type MakePdf = (sheets: LaidOut) => Promise<Uint8Array>;

const NAMES = ['chromium', 'chromium-browser'];
/** 36 people with three breads take three seconds; what takes this long is given up. */
const PATIENCE_MS = 60_000;
/** An address that is nowhere: whatever is asked of it comes from the built application's files, or not at all. */
const NOWHERE = 'http://sheets.invalid/';
const ASSET = /^\/assets\/([\w.-]+\.(?:css|woff2))$/;
const TYPES = { css: 'text/css', woff2: 'font/woff2' } as const;

/** The path of a Chromium on this machine: the one that is named, else one of the PATH; undefined where there is none. */
export function findChromium(env: NodeJS.ProcessEnv): string | undefined {
  const named = env['HODSMAN_CHROMIUM'];
  if (named !== undefined) return existsSync(named) ? named : undefined;
  const folders = [...(env['PATH'] ?? '').split(':'), '/usr/bin'];
  return folders.flatMap((f) => NAMES.map((n) => join(f, n))).find((path) => existsSync(path));
}

const escaped = (text: string): string =>
  text.replace(/[&<>]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;' })[c] ?? c);

/**
 * Prints sheets with a Chromium without a window, one lot at a time: the same pages as the browser's own print makes of them. Nothing in
 * the sheets runs, and nothing is fetched but style and letters out of `assets`, the folder of the built application.
 */
export function pdfMaker(chromium: string, assets: string): MakePdf {
  let queue: Promise<unknown> = Promise.resolve();
  return (sheets) => {
    const made = queue.then(() => print(chromium, assets, sheets));
    queue = made.catch(() => undefined);
    return made;
  };
}

async function print(executablePath: string, assets: string, sheets: LaidOut): Promise<Uint8Array> {
  const { chromium } = await import('playwright-core');
  const browser = await chromium.launch({
    executablePath,
    // Chromium refuses its sandbox to root
    chromiumSandbox: process.getuid?.() !== 0,
    args: ['--disable-gpu'],
    timeout: PATIENCE_MS,
  });
  const giveUp = setTimeout(() => void browser.close(), PATIENCE_MS);
  try {
    const context = await browser.newContext({ javaScriptEnabled: false });
    const page = await context.newPage();
    await serve(page, assets, await documentOf(assets, sheets));
    await page.goto(NOWHERE, { waitUntil: 'load' });
    return await page.pdf({ preferCSSPageSize: true, printBackground: true });
  } finally {
    clearTimeout(giveUp);
    await browser.close();
  }
}

async function documentOf(assets: string, { title, html, rules }: LaidOut): Promise<string> {
  const styles = (await readdir(assets)).filter((f) => f.endsWith('.css'));
  const links = styles.map((f) => `<link rel="stylesheet" href="/assets/${f}">`).join('');
  // a page that is told to go elsewhere may be on its way when it is printed
  const body = html.replace(/<meta\b/gi, '<br hidden');
  // a style that ends early would let what follows stand on the paper
  const style = `<style>${rules.replaceAll('</', '<\\/')}</style>`;
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${escaped(title)}</title>${links}${style}</head><body>${body}</body></html>`;
}

async function serve(page: Page, assets: string, html: string): Promise<void> {
  await page.route('**/*', async (route) => {
    const url = new URL(route.request().url());
    if (url.href === NOWHERE) return route.fulfill({ contentType: 'text/html; charset=utf-8', body: html });
    const name = url.origin === new URL(NOWHERE).origin ? ASSET.exec(url.pathname)?.[1] : undefined;
    if (name === undefined) return route.abort();
    const body = await readFile(join(assets, name)).catch(() => undefined);
    if (!body) return route.abort();
    return route.fulfill({ contentType: name.endsWith('css') ? TYPES.css : TYPES.woff2, body });
  });
}
