import { celsiusOfFahrenheit, roundedTo } from '../units/index.ts';
import { foundIn } from './needs.ts';

const DEGREES = String.raw`(\d{2})(?: ?(?:-|–|to) ?(\d{2}))? ?(?:(?:°|º|degrees?\b) ?([CF])?\b|([CF])\b)`;
/** "Dough temp: 26 °C", "desired dough temperature 24–26 °C", "DDT 25 °C", "the dough should be 26 °C". */
const TOLD = new RegExp(
  String.raw`\b(?:(?:(?:desired|wanted|target|final|ideal) )?dough(?:['’]s)? temp(?:erature)?\.?|DDT|(?:wanted|desired|target) temp(?:erature)?\.? of (?:the )?dough|(?:the )?dough (?:should be|comes? out at|is wanted at|at))(?: (?:wanted|after mixing|is|of|at|about|ca\.?))*[:=]? ?(?:about |ca\.? |~ ?)?${DEGREES}`,
  'gi',
);
const ALONE = new RegExp(String.raw`^\W*${TOLD.source}\W*$`, 'i');
/** What a dough has that is worked by hand or machine, in °C; what is warmer is its water. */
const RANGE_C = { least: 15, most: 38 } as const;

/** The wanted temperature of the dough that a text in one spelling names, in °C, of a range the middle, and where it stands. */
export function doughTempsIn(
  text: string,
): readonly { readonly celsius: number; readonly at: number; readonly length: number }[] {
  return foundIn(text, TOLD)
    .map((m) => {
      const told = (Number(m[1]) + Number(m[2] ?? m[1])) / 2;
      const isFahrenheit = /F/i.test(m[3] ?? m[4] ?? '');
      const celsius = isFahrenheit ? roundedTo(celsiusOfFahrenheit(told), 1) : told;
      return { celsius, at: m.index, length: m[0].length };
    })
    .filter(({ celsius }) => celsius >= RANGE_C.least && celsius <= RANGE_C.most);
}

/** Whether a line says that and nothing else. */
export const isDoughTemp = (text: string): boolean => ALONE.test(text);
