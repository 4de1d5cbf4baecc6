/**
 * Grams of one of what recipes count, edible part, as greengrocers and packets have it (common practice, from memory). A row of the table holds
 * many foods, from mushrooms to aubergines, with one weight for all: here each has its own.
 */
const ONE_G: readonly (readonly [RegExp, number])[] = [
  [/\bcherry tomato(?:es)?\b/i, 15],
  [/\bsun-?dried tomato(?:es)?\b/i, 8],
  [/\btomato(?:es)?\b/i, 100],
  [/\b(?:(?:red|green|yellow|bell|sweet|roasted) )+peppers?\b|\bpeppers\b/i, 150],
  [/\bmushrooms?\b/i, 15],
  [/\bshallots?\b/i, 25],
  [/\b(?:aubergines?|eggplants?)\b/i, 250],
  [/\b(?:courgettes?|zucchinis?)\b/i, 200],
  [/\bcucumbers?\b/i, 300],
  [/\bfennel bulbs?\b|\bbulbs? of fennel\b/i, 250],
  [/\bcelery (?:sticks?|stalks?)\b|\b(?:sticks?|stalks?) of celery\b/i, 40],
  [/\bcabbages?\b/i, 900],
  [/\bplantains?\b/i, 180],
  [/\bbananas?\b/i, 120],
  [/\b(?:apples?|pears?|quinces?)\b/i, 150],
  [/\b(?:peach(?:es)?|oranges?)\b/i, 130],
  [/\blimes?\b/i, 60],
  [/\bplums?\b/i, 50],
  [/\bapricots?\b/i, 35],
  [/\bfigs?\b/i, 40],
  [/\b(?:dates?|prunes?)\b/i, 8],
  [/\bolives?\b/i, 4],
  [/\banchov(?:y|ies)\b/i, 4],
  [/\bsardines?\b/i, 25],
  [/\bsausages?\b/i, 60],
  [/\b(?:rashers?|slices?) (?:of )?(?:\w+ )?bacon\b|\bbacon rashers?\b/i, 25],
  [/\bslices? (?:of )?(?:\w+ )?ham\b/i, 20],
  [/\bwalnuts?\b/i, 5],
];

/** What one of it weighs, in grams; undefined where nobody counts it. */
export const gramsOfOne = (text: string): number | undefined => ONE_G.find(([words]) => words.test(text))?.[1];
