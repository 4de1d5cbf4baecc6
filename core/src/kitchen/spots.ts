import type { Griddle } from './schema.ts';

/** A piece as it lies on a griddle: its shape and lengths in cm, as a bread has them. */
export interface PieceShape {
  readonly shape?: string | undefined;
  /** The longest side; of a wedge the radius of its round. */
  readonly diameterCm: number;
  readonly widthCm?: number | undefined;
  /** Of a wedge: how many make one round. */
  readonly ofRound?: number | undefined;
}

/**
 * Where a piece lies: its centre from the griddle's own centre, and how far it is turned. Of a half and a wedge the middle of their round;
 * unturned they lie below it.
 */
export interface Spot {
  readonly xCm: number;
  readonly yCm: number;
  readonly turnDeg: number;
}

/**
 * k(n): the least radius of a circle that holds n circles of radius 1, n = 1 … 19, as rule R6 lists it. These are the known best
 * packings of equal circles in a circle (n ≤ 13 and 19 proved: Graham 1968, Pirl 1969, Melissen 1994, Fodor 1999, 2000, 2003; values from
 * memory).
 */
export const ROUND_PACKING = [
  1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154, 4.792,
  4.8637, 4.8637,
] as const;

/** Rings of the drawn packings: [how many, on a ring of which radius in units of the outermost]; others lie on one ring. */
const RINGS: Readonly<Record<number, readonly (readonly [number, number])[]>> = {
  1: [[1, 0]],
  6: [[1, 0], [5, 1]], // prettier-ignore
  7: [[1, 0], [6, 1]], // prettier-ignore
  8: [[1, 0], [7, 1]], // prettier-ignore
  9: [[1, 0], [8, 1]], // prettier-ignore
  10: [[2, 0.36], [8, 1]], // prettier-ignore
  11: [[2, 0.36], [9, 1]], // prettier-ignore
  12: [[3, 0.4], [9, 1]], // prettier-ignore
  13: [[3, 0.357], [10, 1]], // prettier-ignore
  14: [[4, 0.425], [10, 1]], // prettier-ignore
  15: [[5, 0.483], [10, 1]], // prettier-ignore
  16: [[5, 0.47], [11, 1]], // prettier-ignore
  17: [[1, 0], [5, 0.527], [11, 1]], // prettier-ignore
  18: [[6, 0.518], [12, 1]], // prettier-ignore
  19: [[1, 0], [6, 0.518], [12, 1]], // prettier-ignore
};

const TOLERANCE = 1e-9;
const whole = (x: number): number => Math.max(0, Math.floor(x + TOLERANCE));

/** How many breads of diameter `d` a round griddle of diameter `griddleCm` holds with a clear gap, all in cm: D + g ≥ k(n) × (d + g). */
export function roundSpots(griddleCm: number, d: number, gapCm: number): number {
  return ROUND_PACKING.filter((k) => griddleCm + gapCm >= k * (d + gapCm) - TOLERANCE).length;
}

/** The side across a piece: of a half a half of its length, of an oval three quarters, where nothing is said; else all of it. */
export function widthOf({ shape, diameterCm, widthCm }: PieceShape): number {
  if (widthCm !== undefined) return widthCm;
  return shape === 'half' ? diameterCm / 2 : shape === 'oval' ? 0.75 * diameterCm : diameterCm;
}

const USUAL_OF_ROUND = 4;
/** How many wedges make a round. */
export const ofRoundOf = ({ ofRound = USUAL_OF_ROUND }: PieceShape): number => ofRound;

/** How many breads a griddle holds (rule R6): its own `spots` for that bread, else as many as lie on it by their shape. */
export function spotsOnGriddle(
  griddle: Griddle,
  bread: { readonly id: string; readonly piece: PieceShape },
  gapCm: number,
): number {
  return griddle.spots?.[bread.id] ?? laidOut(griddle, bread.piece, gapCm).length;
}

/** Where as many pieces as a griddle holds lie on it, each within the griddle; where a round packing is drawn, about so. */
export function laidOut(griddle: Griddle, piece: PieceShape, gapCm: number): readonly Spot[] {
  const { diameterCm: a } = piece;
  const b = widthOf(piece);
  if (!(a > 0 && b > 0)) return [];
  switch (piece.shape) {
    case 'square':
      return boxes(griddle, a, a, gapCm);
    case 'rectangle':
      return boxes(griddle, a, b, gapCm);
    case 'oval':
      return more(boxes(griddle, a, b, gapCm), rounds(griddle, a, gapCm));
    case 'half': {
      const boxed = boxes(griddle, a, b, gapCm).map((s) => {
        // a half lies below the centre of its round
        const turn = (s.turnDeg * Math.PI) / 180;
        return { ...s, xCm: s.xCm + (Math.sin(turn) * b) / 2, yCm: s.yCm - (Math.cos(turn) * b) / 2 };
      });
      return more(boxed, inRounds(rounds(griddle, a + gapCm, gapCm), 2, gapCm));
    }
    case 'wedge': {
      const n = ofRoundOf(piece);
      // the wedges of a round are pushed apart until the gap lies between their sides
      return inRounds(rounds(griddle, 2 * a + gapCm / Math.sin(Math.PI / n), gapCm), n, gapCm);
    }
    default:
      return rounds(griddle, a, gapCm);
  }
}

const more = (one: readonly Spot[], other: readonly Spot[]): readonly Spot[] =>
  other.length > one.length ? other : one;

/** So many pieces in the place of each round, each turned on from the one before, and moved out until the gap lies between them. */
function inRounds(places: readonly Spot[], n: number, gapCm: number): readonly Spot[] {
  const outCm = gapCm / (2 * Math.sin(Math.PI / n));
  return places.flatMap(({ xCm, yCm }) =>
    Array.from({ length: n }, (_, i) => {
      const turn = (2 * Math.PI * i) / n;
      return { xCm: xCm - outCm * Math.sin(turn), yCm: yCm + outCm * Math.cos(turn), turnDeg: (360 * i) / n };
    }),
  );
}

function rounds(griddle: Griddle, d: number, gapCm: number): readonly Spot[] {
  if (griddle.shape === 'round') {
    const count = roundSpots(griddle.diameterCm, d, gapCm);
    return onRings(count, Math.max(0, (griddle.diameterCm - d) / 2));
  }
  return bothWays(griddle, (w, h) => {
    if (w < d - TOLERANCE || h < d - TOLERANCE) return [];
    const each = d + gapCm;
    const [across, down] = [whole((w + gapCm) / each), whole((h + gapCm) / each)];
    const grid = rows(
      Array.from({ length: down }, () => across),
      each,
      each,
    );
    // staggered rows: every other one is moved by half a bread
    const between = (each * Math.sqrt(3)) / 2;
    const count = 1 + whole((h - d) / between);
    const lengths = Array.from({ length: count }, (_, i) => (i % 2 === 0 ? across : whole((w + gapCm) / each - 1 / 2)));
    return more(grid, rows(lengths, each, between, each / 2));
  });
}

/** Boxes of length a and width b, all one way. */
function boxes(griddle: Griddle, a: number, b: number, gapCm: number): readonly Spot[] {
  if (griddle.shape === 'rectangle')
    return bothWays(griddle, (w, h) => {
      const lengths = Array.from({ length: whole((h + gapCm) / (b + gapCm)) }, () => whole((w + gapCm) / (a + gapCm)));
      return rows(lengths, a + gapCm, b + gapCm);
    });
  return more(
    boxesInRound(griddle.diameterCm / 2, a, b, gapCm),
    boxesInRound(griddle.diameterCm / 2, b, a, gapCm).map(turned),
  );
}

/** The best number of rows of boxes in a circle, each `long` along its row and `high` across it (rule R6). */
function boxesInRound(radius: number, long: number, high: number, gapCm: number): readonly Spot[] {
  let best: readonly Spot[] = [];
  for (let m = 1; m === 1 || m * (high + gapCm) - gapCm <= 2 * radius + TOLERANCE; m++) {
    const top = (m * (high + gapCm) - gapCm) / 2;
    const lengths = Array.from({ length: m }, (_, i) => {
      const y = i * (high + gapCm) - top;
      const far = Math.max(Math.abs(y), Math.abs(y + high));
      if (far > radius + TOLERANCE) return 0;
      return whole((2 * Math.sqrt(Math.max(0, radius ** 2 - far ** 2)) + gapCm) / (long + gapCm));
    });
    const laid = lengths.flatMap((n, i) =>
      Array.from({ length: n }, (_, c) => ({
        xCm: (c - (n - 1) / 2) * (long + gapCm),
        yCm: i * (high + gapCm) - top + high / 2,
        turnDeg: 0,
      })),
    );
    best = more(best, laid);
  }
  return best;
}

/** A rectangle lies either way round: the better counts. */
function bothWays(
  griddle: Extract<Griddle, { shape: 'rectangle' }>,
  lay: (w: number, h: number) => readonly Spot[],
): readonly Spot[] {
  return more(lay(griddle.widthCm, griddle.depthCm), lay(griddle.depthCm, griddle.widthCm).map(turned));
}

const turned = (s: Spot): Spot => ({ xCm: -s.yCm, yCm: s.xCm, turnDeg: s.turnDeg + 90 });

/** Rows of so many, `alongCm` from one to the next and `betweenCm` from row to row, the whole in the middle; odd rows are moved along. */
function rows(lengths: readonly number[], alongCm: number, betweenCm: number, movedCm = 0): readonly Spot[] {
  const reach = Math.max(0, ...lengths.map((n, i) => (n === 0 ? 0 : (n - 1) * alongCm + (i % 2 === 1 ? movedCm : 0))));
  return lengths.flatMap((n, i) =>
    Array.from({ length: n }, (_, c) => ({
      xCm: c * alongCm + (i % 2 === 1 ? movedCm : 0) - reach / 2,
      yCm: (i - (lengths.length - 1) / 2) * betweenCm,
      turnDeg: 0,
    })),
  );
}

/** Rounds on rings about the centre, the outermost so far from it. */
function onRings(count: number, reachCm: number): readonly Spot[] {
  if (count === 0) return [];
  return (RINGS[count] ?? [[count, 1]]).flatMap(([n, share]) =>
    Array.from({ length: n }, (_, i) => {
      const angle = (2 * Math.PI * i) / n - Math.PI / 2;
      return { xCm: reachCm * share * Math.cos(angle), yCm: reachCm * share * Math.sin(angle), turnDeg: 0 };
    }),
  );
}
