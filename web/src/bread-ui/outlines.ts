/** The outline of a bread, drawn in a square of 2 around the middle; which bread it is never hangs on colour alone. */
const OUTLINES: Readonly<Record<string, string>> = {
  oval: 'M-1 0A1 .62 0 1 1 1 0A1 .62 0 1 1 -1 0Z',
  rectangle: 'M-1 -.5H1V.5H-1Z',
  half: 'M-1 -.3A1 1 0 0 0 1 -.3Z',
  square: 'M-.85 -.85H.85V.85H-.85ZM-.85 -.85L.85 .85',
  coil: 'M0 0C.3 -.35 .6 .1 .25 .4C-.2 .75 -.8 .2 -.55 -.4C-.2 -1.1 1 -.9 1 0C1 .8 .3 1.05 -.2 1',
  wedge: 'M-.9 .8L0 -.95L.9 .8Q0 1.15 -.9 .8Z',
  pocket: 'M-1 .1A1 1 0 0 1 1 .1ZM-1 .1Q0 .75 1 .1',
};

const ROUND = 'M-1 0A1 1 0 1 1 1 0A1 1 0 1 1 -1 0Z';

/** The outline of a shape of bread as a path; of one that is not known a round. */
export const outlineOf = (shape: string | undefined): string => OUTLINES[shape ?? ''] ?? ROUND;
