import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop } from './build-workshop.ts';

export interface SizedShape {
  readonly people: number;
  readonly breads: number;
  readonly each: number;
  readonly griddles: number;
  readonly griddleCm?: number;
  readonly cookSec?: number;
  readonly attend?: 'whole' | 'turns';
}

/** A class of plain breads that differ in size and cooking time, two at a station, with room and staff enough. */
export function sizedClass(shape: SizedShape): Workshop {
  const { people, breads, each, griddles, griddleCm = 40, cookSec = 100, attend = 'whole' } = shape;
  return buildWorkshop({
    people,
    perStation: 2,
    each,
    griddles,
    griddleCm,
    tableTime: '14:00',
    change: (file) => {
      const instructors = [1, 2, 3].map((n) => ({
        id: `staff${n}`,
        name: `Staff ${n}`,
        role: 'instructor',
        pace: 0.5,
      }));
      file['kitchen'].staff = instructors;
      const [first] = file['breads'] as [Record<string, unknown> & { steps: Record<string, unknown>[] }];
      for (let n = 0; n < breads; n++) {
        const bread = n === 0 ? first : structuredClone(first);
        bread['id'] = n === 0 ? 'flat' : `flat${n + 1}`;
        bread['piece'] = { doughG: 80, diameterCm: 18 - n };
        bread['holdMaxMin'] = 150;
        const [, rest, , cook] = bread.steps;
        if (rest) rest['window'] = { min: 15, ideal: 30, max: 150 };
        if (cook) {
          cook['attend'] = attend;
          cook['phases'] = [
            { heat: 'medium', sec: Math.round(cookSec * (0.6 + 0.1 * n)) },
            { heat: 'medium', sec: Math.round(cookSec * 0.4) },
          ];
        }
        if (n === 0) continue;
        file['breads'].push(bread);
        file['menu'].push({ bread: bread['id'], each, dough: { mode: 'station' } });
      }
    },
  });
}
