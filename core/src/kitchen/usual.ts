import { spotsOnGriddle, type PieceShape } from './spots.ts';
import type { Griddle, Kitchen } from './schema.ts';

/** What is taken where a kitchen does not say: degrees in °C, kettle in litres (common practice). */
export const USUAL_ROOM = { tapC: 14, kettleC: 96, kettleL: 1.7, handFrictionC: 2, mixerFrictionC: 13 } as const;

/** The figures of a room that are no lists. */
export type KitchenFigure =
  | 'roomC'
  | 'flourC'
  | Exclude<keyof typeof USUAL_ROOM, 'mixerFrictionC'>
  | 'griddleGapCm'
  | 'layOnGapSec'
  | 'griddlesPerStaff'
  | 'handMaxDoughG'
  | 'safeOutMin';

/** A figure of a kitchen, or what it usually is: flour is as warm as the room. */
export function usualFigure(kitchen: Kitchen, key: KitchenFigure): number {
  switch (key) {
    case 'flourC':
      return kitchen.flourC ?? kitchen.roomC;
    case 'tapC':
    case 'kettleC':
    case 'kettleL':
    case 'handFrictionC':
      return kitchen[key] ?? USUAL_ROOM[key];
    default:
      return kitchen[key];
  }
}

const USUAL_GRIDDLE = {
  surface: 'cast-iron',
  shape: 'round',
  diameterCm: 32,
  preheatMin: 8,
  resetSec: 20,
  changeSec: 60,
} as const;

/** What a new thing of a kitchen is like before anybody says so; another griddle is like the last. */
export const NEW_ENTRY = {
  griddles: (id: string, { griddles }: Kitchen): Griddle => {
    const { name: _, ...like } = griddles.at(-1) ?? { ...USUAL_GRIDDLE, name: undefined };
    return { ...like, id };
  },
  benches: (id: string) => ({ id, seats: 2 }),
  staff: (id: string) => ({ id, name: 'New helper', role: 'assistant' as const, pace: 0.6 }),
  places: (id: string, { roomC }: Kitchen) => ({ id, kind: 'room' as const, tempC: roomC }),
  mixers: (id: string) => ({ id, minDoughG: 500, maxDoughG: 2500, frictionC: USUAL_ROOM.mixerFrictionC }),
  grills: (id: string) => ({ id, slots: 1 }),
  flames: (id: string) => ({ id, slots: 1 }),
  kit: () => ({ what: 'rolling pin', count: 1 }),
};

/** A griddle of the other shape that carries about the same. */
export function reshapedGriddle(g: Griddle, shape: Griddle['shape']): Griddle {
  if (shape === g.shape) return g;
  if (g.shape === 'round') {
    const { diameterCm, shape: _, ...rest } = g;
    return { ...rest, shape: 'rectangle', widthCm: diameterCm, depthCm: diameterCm };
  }
  const { widthCm, depthCm, shape: _, ...rest } = g;
  return { ...rest, shape: 'round', diameterCm: Math.min(widthCm, depthCm) };
}

/**
 * A griddle that holds so many of a bread, whatever their shape says (rule R6); undefined gives it back to their shape. A number that the
 * shape gives anyway is no number of its own.
 */
export function withSpots(
  griddle: Griddle,
  bread: { readonly id: string; readonly piece: PieceShape },
  gapCm: number,
  count: number | undefined,
): Griddle {
  const { spots, ...rest } = griddle;
  const { [bread.id]: _, ...others } = spots ?? {};
  const isOwn = count !== undefined && count !== spotsOnGriddle(rest, bread, gapCm);
  const own = isOwn ? { ...others, [bread.id]: count } : others;
  return Object.keys(own).length > 0 ? { ...rest, spots: own } : rest;
}
