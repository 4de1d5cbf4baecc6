import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const axePath = createRequire(import.meta.url).resolve('axe-core/axe.min.js');

/** Rules of WCAG that axe finds broken on the page, with the elements. */
export async function violations(page: Page): Promise<readonly string[]> {
  // the page's own policy refuses scripts from elsewhere, so axe is evaluated rather than added as a tag
  await page.evaluate(readFileSync(axePath, 'utf8'));
  return page.evaluate(async () => {
    const { axe } = globalThis as unknown as {
      axe: { run: (o: object) => Promise<{ violations: { id: string; nodes: { html: string }[] }[] }> };
    };
    const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
    const found = await axe.run({ runOnly: { type: 'tag', values: tags } });
    return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 120)).join(' | ')}`);
  });
}
