import { ownMeasures, type Handout, type Sheet } from '@hodsman/core';
import { wrap, type Remote } from 'comlink';
import type { HandoutsFace } from './handouts.worker.ts';

let maker: Remote<HandoutsFace> | undefined;

/** The sheets of a class, made in a worker, which is started with the first: 36 people take their recipes home. */
export function sheetsInWorker(handout: Handout): Promise<readonly Sheet[]> {
  maker ??= wrap<HandoutsFace>(
    new Worker(new URL('./handouts.worker.ts', import.meta.url), { type: 'module', name: 'handouts' }),
  );
  return maker.sheets(handout, ownMeasures());
}
