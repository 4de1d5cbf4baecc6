/**
 * What leaves the screen on paper. Begin with `PrintPage.tsx`: the sheets of the class, chosen and shown; `SheetOnPaper.tsx` lays one out.
 * What stands on them is the core's (`handouts`); no figure is made here.
 */
export { PrintPage } from './PrintPage.tsx';
