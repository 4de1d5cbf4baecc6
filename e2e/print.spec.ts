import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { expect, test } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { violations } from './axe.ts';
import { ClassPage, makeClass } from './class-page.ts';
import { allergic, longNamed } from './long-named.ts';

const MM = 96 / 25.4;
/** What margins of 12 mm leave of the height of a page. */
const PAGE_PX = { A4: (297 - 24) * MM, Letter: (279.4 - 24) * MM } as const;

for (const [what, made] of [
  ['the Sunday class', undefined],
  ['16 long-named people and three breads', longNamed(16, 4)],
  ['16 long-named people, two of whom avoid all that a bread holds of 14 allergens', allergic(16, 4)],
] as const)
  test(`sheets of ${what}: no card is longer than its page, nothing is clipped, everybody's name stands whole`, async ({
    page,
    request,
  }) => {
    const id = made ? await makeClass(request, 'On paper', made) : 'demo-sunday';
    await page.goto(`/class/${id}/print`);
    await new ClassPage(page).planned();
    for (const name of ['Labels for breads', 'Station card without words', 'Dough to take home'])
      await page.getByRole('checkbox', { name }).check();
    await page.emulateMedia({ media: 'print' });
    for (const paper of ['A4', 'Letter'] as const) {
      await page.getByText(paper, { exact: true }).evaluate((label) => (label as HTMLElement).click());
      const measured = await page.getByTestId('sheets').evaluate((sheets, page) => {
        const cards = [...sheets.querySelectorAll<HTMLElement>('[data-card]')];
        const over = (c: HTMLElement): number =>
          c.getBoundingClientRect().bottom - (c.closest('article')?.getBoundingClientRect().top ?? 0);
        // below the head of its page, where the first of them lies; alone on a page, where it follows others
        const heightOf = (c: HTMLElement): number =>
          c.previousElementSibling?.tagName === 'HEADER' ? over(c) : c.offsetHeight;
        return {
          isAllNamed: /Contains celery, crustaceans, egg, [a-z, ]*, sulphites/.test(sheets.textContent),
          cards: cards.length,
          tall: cards.flatMap((c) => (heightOf(c) > page ? [`${heightOf(c)}: ${c.textContent.slice(0, 80)}`] : [])),
          clipped: cards.flatMap((c) =>
            c.scrollHeight > c.clientHeight + 1 || c.scrollWidth > c.clientWidth + 1 ? [c.textContent] : [],
          ),
        };
      }, PAGE_PX[paper]);
      expect(measured.cards).toBeGreaterThan(100);
      if (what.includes('14 allergens')) expect(measured.isAllNamed).toBe(true);
      expect(measured.clipped).toEqual([]);
      expect(measured.tall).toEqual([]);
    }
  });

test('sheets are ticked, shown as they will lie on paper, and carry class, day and version', async ({ page }) => {
  await page.goto('/class/demo-sunday/print');
  await new ClassPage(page).planned();
  const sheets = page.getByTestId('sheets');
  await expect(page.getByTestId('chosen')).toHaveText('16 of 19 sheets');
  await expect(sheets.getByRole('heading', { name: 'Roll call' })).toBeVisible();
  await expect(sheets.locator('article header').first()).toContainText(/Sunday.*2027, version \d/);
  await page.getByRole('checkbox', { name: 'Roll call' }).uncheck();
  await expect(page.getByTestId('chosen')).toHaveText('15 of 19 sheets');
  await expect(sheets.getByRole('heading', { name: 'Roll call' })).toHaveCount(0);
  // a wider pan at home: the recipes are planned anew
  const pan = page.getByLabel('Breads that lie in a pan at home');
  await pan.fill('2');
  await expect(sheets.getByRole('heading', { name: 'Recipes for home' }).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print', exact: true })).toBeEnabled();
  // labels of one's own size
  await page.getByRole('combobox', { name: /^Labels/ }).selectOption('Another size …');
  await page.getByLabel('Side by side').fill('2');
  await expect(sheets.locator('[data-sheet=labels]').first()).toHaveCSS('grid-template-columns', /^\S+ \S+$/);
  // the class for other people's calendars
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/\.ics$/);
  const text = readFileSync(await file.path(), 'utf8');
  expect(text).toMatch(/^BEGIN:VCALENDAR\r\nVERSION:2.0\r\n[^]*TZID:[^]*BEGIN:VALARM[^]*END:VCALENDAR\r\n$/);
  expect(await violations(page)).toEqual([]);
});

/** The pages of a PDF: each its size in points and its words. */
async function pagesOf(pdf: Uint8Array) {
  const { promise } = getDocument({ data: new Uint8Array(pdf) });
  const file = await promise;
  return Promise.all(
    Array.from({ length: file.numPages }, async (_, i) => {
      const page = await file.getPage(i + 1);
      const [, , width = 0, height = 0] = page.view;
      const { items } = await page.getTextContent();
      const texts = items.flatMap((t) => ('str' in t && t.str.trim() !== '' ? [t] : []));
      // the height of the letters, in points: the second figure of the matrix that sets them
      const pt = Math.max(0, ...texts.map((t) => Number(t.transform[3])));
      return {
        width: Math.round(width),
        height: Math.round(height),
        pt: Math.round(pt),
        words: texts.map((t) => t.str).join(' '),
      };
    }),
  );
}

test('the PDF that the server makes has the pages of the browser’s own print, in letters as large as they are meant', async ({
  page,
}) => {
  await page.goto('/class/demo-sunday/print');
  await new ClassPage(page).planned();
  // most pages by far are those, all of one kind
  await page.getByRole('checkbox', { name: 'Recipes for home' }).uncheck();
  const save = page.getByRole('button', { name: 'Save as PDF', exact: true });
  await expect(save).toBeEnabled();
  const coming = page.waitForEvent('download', { timeout: 60_000 });
  await save.click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/\.pdf$/);
  const made = await pagesOf(readFileSync(await file.path()));
  const own = await pagesOf(await page.pdf({ preferCSSPageSize: true, printBackground: true }));
  expect(made.length).toBeGreaterThan(25);
  expect(made).toEqual(own);
  // the board lies across, all else stands; A4 is 595 by 842 points
  expect([made[0]?.width, made[0]?.height]).toEqual([842, 595]);
  expect(made.slice(1).every((p) => p.width === 595 && p.height === 842)).toBe(true);
  // the title of a sheet on the wall is 24 pt
  const wall = made.find((p) => p.words.includes('Run list') && p.width === 595);
  expect(wall?.pt).toBe(24);
  expect(wall?.words).toContain('Dmitri: no milk');
});

test('what comes as sheets is set on paper and does nothing else: nothing runs, nothing is fetched', async ({
  request,
}) => {
  let asked = 0;
  const elsewhere = createServer((_req, res) => res.end(`asked ${++asked}`)).listen(0, '127.0.0.1');
  await once(elsewhere, 'listening');
  const { port } = elsewhere.address() as AddressInfo;
  const html = `<p id="p">plain</p><script>document.getElementById('p').textContent = 'ran'</script>
    <img src="http://127.0.0.1:${port}/"><iframe src="http://127.0.0.1:${port}/"></iframe><iframe src="file:///etc/passwd"></iframe>
    <meta http-equiv="refresh" content="0; url=http://127.0.0.1:${port}/"><link rel="stylesheet" href="/assets/../../package.json">`;
  const rules = '</style><p>outside</p>';
  const answer = await request.post('/api/pdf', { data: { title: 'x', html, rules } });
  elsewhere.close();
  expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'application/pdf']);
  const [page] = await pagesOf(await answer.body());
  expect(page?.words.trim()).toBe('plain');
  expect(asked).toBe(0);
  const sent = async (data: unknown) => (await request.post('/api/pdf', { data })).status();
  expect(await sent({ title: 'x', html })).toBe(400);
  expect(await sent({ title: 'x', html: 'x'.repeat(26_000_000), rules: '' })).toBe(413);
});

test('a class leaves for other programs: an address for calendars until it is taken back, the board as pictures, tables', async ({
  page,
  request,
}) => {
  await page.goto('/class/demo-sunday/print');
  await new ClassPage(page).planned();
  await page.getByRole('button', { name: /^Address for calendars/ }).click();
  const region = page.getByRole('region', { name: 'Address for calendars' });
  const address = await region.getByRole('textbox').inputValue();
  const answer = await request.get(address);
  expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'text/calendar; charset=utf-8']);
  expect(await answer.text()).toMatch(/^BEGIN:VCALENDAR\r\n[^]*SUMMARY:Sunday[^]*END:VCALENDAR\r\n$/);
  await region.getByRole('button', { name: 'Take it back' }).click();
  await expect(region.getByRole('button', { name: /^Address for calendars/ })).toBeVisible();
  expect((await request.get(address)).status()).toBe(404);

  const saved = async (name: string) => {
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name, exact: true }).click();
    return readFileSync(await (await coming).path());
  };
  const svg = (await saved('Board as SVG')).toString();
  const drawn = await page.evaluate((text) => {
    const picture = new DOMParser().parseFromString(text, 'image/svg+xml');
    const ids = new Set([...picture.querySelectorAll('[id]')].map((e) => e.id));
    const named = [...text.matchAll(/url\(#([^)]+)\)/g)].map((m) => m[1] ?? '');
    return {
      isWhole: picture.querySelector('parsererror') === null,
      shapes: picture.querySelectorAll('path, rect').length,
      words: [...picture.querySelectorAll('text')].map((t) => t.textContent),
      lost: named.filter((n) => !ids.has(n)),
    };
  }, svg);
  expect(drawn).toMatchObject({ isWhole: true, lost: [] });
  expect(drawn.shapes).toBeGreaterThan(500);
  expect(drawn.words).toEqual(expect.arrayContaining(['Station 1', '12:30', '! Dmitri']));
  // the head of a PNG: its name, and width and height (PNG, third edition, sections 5.2 and 11.2.1)
  const png = await saved('Board as PNG');
  expect(png.subarray(1, 4).toString()).toBe('PNG');
  expect([png.readUInt32BE(16) >= 3200, png.readUInt32BE(20)]).toEqual([true, 2000]);

  await page.getByRole('button', { name: 'Tables as CSV' }).click();
  await expect(page.getByRole('list', { name: 'Tables' }).getByRole('button')).toHaveCount(11);
  expect((await saved('Who avoids what')).toString()).toContain('Dmitri');
});

test('everything that is stored is saved as one file from the list of classes', async ({ page }) => {
  await page.goto('/classes');
  const coming = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Save everything as one file' }).click();
  const file = await coming;
  expect(file.suggestedFilename()).toMatch(/^hodsman-[\d-]+\.zip$/);
  expect(
    readFileSync(await file.path())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK');
});
