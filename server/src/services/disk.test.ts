import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { watchDisk } from './disk.ts';

const folder = mkdtempSync(join(tmpdir(), 'hodsman-disk-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const settled = () => new Promise((resolve) => setTimeout(resolve, 100));

describe('the room on the disk', () => {
  it('is full below the limit and not above it', async () => {
    const [all, none] = [watchDisk(folder, 1), watchDisk(folder, Number.MAX_SAFE_INTEGER)];
    await settled();
    expect([all.isFull(), none.isFull()]).toEqual([false, true]);
    all.stop();
    none.stop();
  });
  it('is not said to be full where it cannot be seen', async () => {
    const room = watchDisk(join(folder, 'not-there'), Number.MAX_SAFE_INTEGER);
    await settled();
    expect(room.isFull()).toBe(false);
    room.stop();
  });
});
