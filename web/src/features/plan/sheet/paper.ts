export const PAPERS = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const;
export type Paper = (typeof PAPERS)[number][0];
/** What is left within the margins, in pixels of 1/96 inch: 12 mm on every side. */
export const PAGE_PX: Readonly<Record<Paper, readonly [number, number]>> = { a4: [703, 1032], letter: [725, 965] };
