import type { Followed } from '@hodsman/core';

/** Whether two who are followed are one; nobody is the same as nobody. */
export const isSame = (a: Followed | undefined, b: Followed | undefined): boolean =>
  a !== undefined && a.kind === b?.kind && a.id === b.id;
