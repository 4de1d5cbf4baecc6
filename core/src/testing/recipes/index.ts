import { AGAIN } from './held-again.ts';
import { HANDOUTS } from './held-handouts.ts';
import { PAGES } from './held-pages.ts';
import { ELEVENTH } from './held-eleventh.ts';
import { EIGHTEENTH } from './held-eighteenth.ts';
import { FIFTEENTH } from './held-fifteenth.ts';
import { FIFTH } from './held-fifth.ts';
import { FOURTEENTH } from './held-fourteenth.ts';
import { FOURTH } from './held-fourth.ts';
import { EIGHTH } from './held-eighth.ts';
import { NINETEENTH } from './held-nineteenth.ts';
import { NINTH } from './held-ninth.ts';
import { SEVENTEENTH } from './held-seventeenth.ts';
import { SEVENTH } from './held-seventh.ts';
import { SIXTEENTH } from './held-sixteenth.ts';
import { SIXTH } from './held-sixth.ts';
import { THIRTEENTH } from './held-thirteenth.ts';
import { TWENTIETH } from './held-twentieth.ts';
import { TWELFTH } from './held-twelfth.ts';
import { TENTH } from './held-tenth.ts';
import { THIRD } from './held-third.ts';
import { TWENTY_FIFTH } from './held-twenty-fifth.ts';
import { TWENTY_FIRST } from './held-twenty-first.ts';
import { TWENTY_FOURTH } from './held-twenty-fourth.ts';
import { TWENTY_SECOND } from './held-twenty-second.ts';
import { TWENTY_THIRD } from './held-twenty-third.ts';
import { TWENTY_SIXTH } from './held-twenty-sixth.ts';
import { TWENTY_SEVENTH } from './held-twenty-seventh.ts';
import { TWENTY_EIGHTH } from './held-twenty-eighth.ts';
import { TWENTY_NINTH } from './held-twenty-ninth.ts';
import { THIRTIETH } from './held-thirtieth.ts';
import { THIRTY_FIRST } from './held-thirty-first.ts';
import { THIRTY_SECOND } from './held-thirty-second.ts';
import { THIRTY_THIRD } from './held-thirty-third.ts';
import { THIRTY_FOURTH } from './held-thirty-fourth.ts';
import { THIRTY_FIFTH } from './held-thirty-fifth.ts';
import { THIRTY_SIXTH } from './held-thirty-sixth.ts';
import { THIRTY_SEVENTH } from './held-thirty-seventh.ts';
import { THIRTY_EIGHTH } from './held-thirty-eighth.ts';
import { THIRTY_NINTH } from './held-thirty-ninth.ts';
import { FORTIETH } from './held-fortieth.ts';
import { FORTY_FIRST } from './held-forty-first.ts';
import { FORTY_SECOND } from './held-forty-second.ts';
import { FORTY_THIRD } from './held-forty-third.ts';
import { FORTY_FOURTH } from './held-forty-fourth.ts';
import { FORTY_FIFTH } from './held-forty-fifth.ts';
import { FORTY_SIXTH } from './held-forty-sixth.ts';
import { FORTY_SEVENTH } from './held-forty-seventh.ts';
import { FORTY_EIGHTH } from './held-forty-eighth.ts';
import { FORTY_NINTH } from './held-forty-ninth.ts';
import { FIFTIETH } from './held-fiftieth.ts';
import { FIFTY_FIRST } from './held-fifty-first.ts';
import { FIFTY_SECOND } from './held-fifty-second.ts';
import { FIFTY_THIRD } from './held-fifty-third.ts';
import { FIFTY_FOURTH } from './held-fifty-fourth.ts';
import { FIFTY_FIFTH } from './held-fifty-fifth.ts';
import { FIFTY_SIXTH } from './held-fifty-sixth.ts';
import { FIFTY_SEVENTH } from './held-fifty-seventh.ts';
import { FIFTY_EIGHTH } from './held-fifty-eighth.ts';
import { FIFTY_NINTH } from './held-fifty-ninth.ts';
import { SIXTIETH } from './held-sixtieth.ts';
import { SIXTY_FIRST } from './held-sixty-first.ts';
import { SIXTY_SECOND } from './held-sixty-second.ts';
import { SIXTY_THIRD } from './held-sixty-third.ts';
import { SIXTY_FOURTH } from './held-sixty-fourth.ts';
import { SIXTY_FIFTH } from './held-sixty-fifth.ts';
import { SIXTY_SIXTH } from './held-sixty-sixth.ts';
import { SIXTY_SEVENTH } from './held-sixty-seventh.ts';
import { SIXTY_EIGHTH } from './held-sixty-eighth.ts';
import { SIXTY_NINTH } from './held-sixty-ninth.ts';
import { SEVENTIETH } from './held-seventieth.ts';
import { SEVENTY_FIRST } from './held-seventy-first.ts';
import { SEVENTY_SECOND } from './held-seventy-second.ts';
import { SEVENTY_THIRD } from './held-seventy-third.ts';
import { SEVENTY_FOURTH } from './held-seventy-fourth.ts';
import { SEVENTY_FIFTH } from './held-seventy-fifth.ts';
import { SEVENTY_SIXTH } from './held-seventy-sixth.ts';
import { SEVENTY_SEVENTH } from './held-seventy-seventh.ts';
import { SEVENTY_EIGHTH } from './held-seventy-eighth.ts';
import { SEVENTY_NINTH } from './held-seventy-ninth.ts';
import { EIGHTIETH } from './held-eightieth.ts';
import { EIGHTY_FIRST } from './held-eighty-first.ts';
import { EIGHTY_SECOND } from './held-eighty-second.ts';
import { EIGHTY_THIRD } from './held-eighty-third.ts';
import { EIGHTY_FOURTH } from './held-eighty-fourth.ts';
import { EIGHTY_FIFTH } from './held-eighty-fifth.ts';
import { EIGHTY_SIXTH } from './held-eighty-sixth.ts';
import { EIGHTY_SEVENTH } from './held-eighty-seventh.ts';
import { EIGHTY_EIGHTH } from './held-eighty-eighth.ts';
import { EIGHTY_NINTH } from './held-eighty-ninth.ts';
import { NINETIETH } from './held-ninetieth.ts';
import { NINETY_FIRST } from './held-ninety-first.ts';
import { NINETY_SECOND } from './held-ninety-second.ts';
import { NINETY_THIRD } from './held-ninety-third.ts';
import { NINETY_FOURTH } from './held-ninety-fourth.ts';
import { NINETY_FIFTH } from './held-ninety-fifth.ts';
import { NINETY_SIXTH } from './held-ninety-sixth.ts';
import { NINETY_SEVENTH } from './held-ninety-seventh.ts';
import { NINETY_EIGHTH } from './held-ninety-eighth.ts';
import { NINETY_NINTH } from './held-ninety-ninth.ts';
import { HUNDREDTH } from './held-hundredth.ts';
import { HUNDRED_FIRST } from './held-hundred-first.ts';
import { HUNDRED_SECOND } from './held-hundred-second.ts';
import { HUNDRED_THIRD } from './held-hundred-third.ts';
import type { RecipeText } from './recipe-text.ts';

/** Invented texts with what must come out of each; the expectation of every one was written before the reader saw it. */
export const RECIPE_TEXTS: readonly RecipeText[] = [
  ...HANDOUTS,
  ...PAGES,
  ...AGAIN,
  ...THIRD,
  ...FOURTH,
  ...FIFTH,
  ...SIXTH,
  ...SEVENTH,
  ...EIGHTH,
  ...NINTH,
  ...TENTH,
  ...ELEVENTH,
  ...TWELFTH,
  ...THIRTEENTH,
  ...FOURTEENTH,
  ...FIFTEENTH,
  ...SIXTEENTH,
  ...SEVENTEENTH,
  ...EIGHTEENTH,
  ...NINETEENTH,
  ...TWENTIETH,
  ...TWENTY_FIRST,
  ...TWENTY_SECOND,
  ...TWENTY_THIRD,
  ...TWENTY_FOURTH,
  ...TWENTY_FIFTH,
  ...TWENTY_SIXTH,
  ...TWENTY_SEVENTH,
  ...TWENTY_EIGHTH,
  ...TWENTY_NINTH,
  ...THIRTIETH,
  ...THIRTY_FIRST,
  ...THIRTY_SECOND,
  ...THIRTY_THIRD,
  ...THIRTY_FOURTH,
  ...THIRTY_FIFTH,
  ...THIRTY_SIXTH,
  ...THIRTY_SEVENTH,
  ...THIRTY_EIGHTH,
  ...THIRTY_NINTH,
  ...FORTIETH,
  ...FORTY_FIRST,
  ...FORTY_SECOND,
  ...FORTY_THIRD,
  ...FORTY_FOURTH,
  ...FORTY_FIFTH,
  ...FORTY_SIXTH,
  ...FORTY_SEVENTH,
  ...FORTY_EIGHTH,
  ...FORTY_NINTH,
  ...FIFTIETH,
  ...FIFTY_FIRST,
  ...FIFTY_SECOND,
  ...FIFTY_THIRD,
  ...FIFTY_FOURTH,
  ...FIFTY_FIFTH,
  ...FIFTY_SIXTH,
  ...FIFTY_SEVENTH,
  ...FIFTY_EIGHTH,
  ...FIFTY_NINTH,
  ...SIXTIETH,
  ...SIXTY_FIRST,
  ...SIXTY_SECOND,
  ...SIXTY_THIRD,
  ...SIXTY_FOURTH,
  ...SIXTY_FIFTH,
  ...SIXTY_SIXTH,
  ...SIXTY_SEVENTH,
  ...SIXTY_EIGHTH,
  ...SIXTY_NINTH,
  ...SEVENTIETH,
  ...SEVENTY_FIRST,
  ...SEVENTY_SECOND,
  ...SEVENTY_THIRD,
  ...SEVENTY_FOURTH,
  ...SEVENTY_FIFTH,
  ...SEVENTY_SIXTH,
  ...SEVENTY_SEVENTH,
  ...SEVENTY_EIGHTH,
  ...SEVENTY_NINTH,
  ...EIGHTIETH,
  ...EIGHTY_FIRST,
  ...EIGHTY_SECOND,
  ...EIGHTY_THIRD,
  ...EIGHTY_FOURTH,
  ...EIGHTY_FIFTH,
  ...EIGHTY_SIXTH,
  ...EIGHTY_SEVENTH,
  ...EIGHTY_EIGHTH,
  ...EIGHTY_NINTH,
  ...NINETIETH,
  ...NINETY_FIRST,
  ...NINETY_SECOND,
  ...NINETY_THIRD,
  ...NINETY_FOURTH,
  ...NINETY_FIFTH,
  ...NINETY_SIXTH,
  ...NINETY_SEVENTH,
  ...NINETY_EIGHTH,
  ...NINETY_NINTH,
  ...HUNDREDTH,
  ...HUNDRED_FIRST,
  ...HUNDRED_SECOND,
  ...HUNDRED_THIRD,
];
export type { RecipeText } from './recipe-text.ts';
export { scoreOf, type Score } from './score.ts';
