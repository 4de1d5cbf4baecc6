/**
 * Sentences: every union of what the core finds, turned into words, the same for server, web and command line. Begin with `breaks.ts`;
 * `names.ts` says what the things of a class are called. Nobody else makes sentences of what is broken or worth a look.
 */
export { breakWords } from './breaks.ts';
export { brokenWords } from './broken-words.ts';
export { warningWords } from './warnings.ts';
export { namesOf, type Names } from './names.ts';
export { shorterNames } from './short-names.ts';
export { AIM_WORDS, aimName } from './aims.ts';
export {
  pieceName,
  pieceNames,
  placeWords,
  spanWords,
  taskName,
  taskLines,
  taskSentence,
  taskWords,
  turnWords,
  whatWords,
  whoseWords,
} from './tasks.ts';
export { aboutWords } from './left-open.ts';
