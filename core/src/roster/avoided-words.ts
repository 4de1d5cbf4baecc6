import { EU_ALLERGENS, findFood, US_ALLERGENS } from '../foods/index.ts';
import type { Participant } from '../workshop/index.ts';

type Avoided = Participant['avoid'][number];

/** What people write for what they avoid, with the words of breads that it stands for (common practice). */
const PHRASES: readonly (readonly [RegExp, Avoided['level'], readonly string[]])[] = [
  [/\b(coeliac|celiac|gluten|gf)\b/, 'strict', ['gluten', 'wheat']],
  [/\bwheat\b/, 'strict', ['wheat']],
  [/\b(dairy|milk|lactose|cow'?s milk|df)\b/, 'strict', ['milk']],
  [/\b(peanuts?|groundnuts?)\b/, 'strict', ['peanut']],
  [/\b(tree ?nuts?|nuts?|almonds?|walnuts?|hazelnuts?|pistachios?|cashews?)\b/, 'strict', ['nuts']],
  [/\beggs?\b/, 'strict', ['egg']],
  [/\b(soya?|soy ?beans?)\b/, 'strict', ['soya']],
  [/\b(sesame|tahini)\b/, 'strict', ['sesame']],
  [/\b(shellfish|seafood)\b/, 'strict', ['crustaceans', 'molluscs']],
  [/\b(crustaceans?|prawns?|crab|lobster)\b/, 'strict', ['crustaceans']],
  [/\b(molluscs?|mussels?|oysters?|squid)\b/, 'strict', ['molluscs']],
  [/\bfish\b/, 'strict', ['fish']],
  [/\bcelery\b/, 'strict', ['celery']],
  [/\bmustard\b/, 'strict', ['mustard']],
  [/\b(sulphites?|sulfites?|sulphur dioxide)\b/, 'strict', ['sulphites']],
  [/\blupins?\b/, 'strict', ['lupin']],
  [/\bvegan\b/, 'diet', ['animal', 'egg', 'meat', 'milk']],
  [/\bvegetarian\b/, 'diet', ['meat']],
  [/\b(pork|lard|ham|bacon)\b/, 'diet', ['pork']],
  [/\b(halal|muslim)\b/, 'diet', ['alcohol', 'pork']],
  [/\bkosher\b/, 'diet', ['pork']],
  [/\b(alcohol|wine|beer)\b/, 'diet', ['alcohol']],
  [/\bmeat\b/, 'diet', ['meat']],
];
const NOTHING = /^(no|none|nothing|nil|n\/?a|-+|–|—|not any|no allerg(y|ies)|eats everything|all fine|ok)?\.?$/;
/** "I only prefer not to", "by choice". */
const BY_CHOICE = /\b(prefers?|preference|by choice|diet|rather not|does ?n[o']t like|dislikes?)\b/;

/** What was understood of a text about avoided foods; what was not is handed back as it was written. */
export interface AvoidedReading {
  readonly avoid: readonly Avoided[];
  readonly unknown: readonly string[];
}

/** The words that participants can avoid by picking: allergens by name, and what else foods hold. */
export const AVOIDABLE: readonly string[] = [
  ...new Set<string>([...EU_ALLERGENS, ...US_ALLERGENS, 'animal', 'meat', 'pork', 'alcohol']),
];

/**
 * Reads what somebody avoids from their own words ("coeliac, no dairy", "vegan"). Strict unless it is a diet or said to be a choice;
 * a food by name stands for its allergens ("butter" for milk).
 */
export function readAvoided(text: string): AvoidedReading {
  const found = new Map<string, Avoided>();
  const unknown: string[] = [];
  if (NOTHING.test(text.trim().toLowerCase())) return { avoid: [], unknown };
  for (const part of text.split(/[,;/+&|]|\band\b|\bor\b/i).map((p) => p.trim())) {
    const words = part.toLowerCase().replace(/’/g, "'");
    if (NOTHING.test(words)) continue;
    const matches = PHRASES.filter(([pattern]) => pattern.test(words));
    const byFood = matches.length > 0 ? [] : (findFood(words)?.allergens ?? []);
    if (matches.length === 0 && byFood.length === 0 && !AVOIDABLE.includes(words)) {
      unknown.push(part);
      continue;
    }
    const isChoice = BY_CHOICE.test(words);
    const take = (what: string, level: Avoided['level']): void => {
      if (found.get(what)?.level !== 'strict') found.set(what, { what, level });
    };
    for (const [, level, list] of matches) for (const what of list) take(what, isChoice ? 'diet' : level);
    for (const what of byFood) take(what, isChoice ? 'diet' : 'strict');
    if (matches.length === 0 && byFood.length === 0) take(words, 'strict');
  }
  return { avoid: [...found.values()].sort((a, b) => (a.what < b.what ? -1 : 1)), unknown };
}
