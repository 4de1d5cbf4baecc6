import { statfs } from 'node:fs/promises';

const EVERY_MS = 1_000;

/** Whether there is room to write. */
export interface Room {
  isFull(): boolean;
  stop(): void;
}

/** Room without end: where the database's files are elsewhere, or not to be seen. */
export const UNWATCHED: Room = { isFull: () => false, stop: () => undefined };

/**
 * Watches the free space at a folder. Below the limit nothing is to be written any more: MariaDB itself stops working, or dies, when its
 * disk is full to the last byte.
 */
export function watchDisk(folder: string, leastFreeBytes: number): Room {
  let isFull = false;
  const look = async (): Promise<void> => {
    try {
      const { bavail, bsize } = await statfs(folder);
      isFull = bavail * bsize < leastFreeBytes;
    } catch {
      // a folder that cannot be looked at says nothing of its room
    }
  };
  void look();
  const timer = setInterval(() => void look(), EVERY_MS);
  timer.unref();
  return { isFull: () => isFull, stop: () => clearInterval(timer) };
}
