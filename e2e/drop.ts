import type { Page } from '@playwright/test';

/** Lets go of what is dragged as a hand does: after what lies under it has been drawn, which takes no hand less than two frames. */
export async function drop(page: Page): Promise<void> {
  await page.evaluate(
    () => new Promise<void>((drawn) => requestAnimationFrame(() => requestAnimationFrame(() => drawn()))),
  );
  await page.mouse.up();
}
