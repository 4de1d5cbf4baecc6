import { ABOUT, BREADS } from './measures.ts';
import { foundIn } from './needs.ts';
import { normalLine } from './normal-line.ts';

/** Pieces that a recipe says it makes: "makes 8", "8 to 10 flatbreads". */
export interface StatedYield {
  readonly least: number;
  readonly most: number;
  readonly text: string;
  readonly isServings: boolean;
}

const YIELD = new RegExp(
  String.raw`\b(makes?|yields?|gives|gets you|produces|you(?: will|['’]ll) get|number of (?:${BREADS})|serves|servings?|enough for|formula for|recipe for|^dough for|quantity|portions?)\b\s*:?\s*${ABOUT}(\d{1,3})(?:\s*(?:-|–|—|to|or)\s*(\d{1,3}))?(?:\s+(?:\w+[ -]){0,3}?(${BREADS}|portions?|people|servings?))?(?!\s*(?:g|kg|ml|cm|min|hours?|°)\b)`,
  'gi',
);
/** "4 people, 2 breads each", "serves 4, 2 each". */
const TO_EACH = new RegExp(
  String.raw`\b(?:serves|for|people:?) (\d{1,2})(?: (?:people|persons|students))?,? ?\(?(\d)(?: (?:${BREADS}))? (?:each|per (?:person|head|student))\b|^(\d{1,2}) (?:people|persons|students),? (?:with )?\(?(\d)(?: (?:${BREADS}))? (?:each|per (?:person|head|student))\b`,
  'i',
);
/** "Serves 4 (8 breads)", "for 4 people (8 breads)". */
const HELD = new RegExp(
  String.raw`\((?:makes )?${ABOUT}(\d{1,3}) (?:(?:${BREADS})[),]|(?:big|large|small) (?:ones?|1|breads?|rounds?)\b)`,
  'i',
);
/** "Wraps × 8", "8 servings", "for 8 naans", "flatbreads (8)". */
const BY_NOUN: readonly RegExp[] = [
  new RegExp(String.raw`\b(?:${BREADS})\s*[x×]\s*(\d{1,3})\b`, 'i'),
  /\b(\d{1,3}) servings?\b/i,
  new RegExp(String.raw`\bfor ${ABOUT}(\d{1,3}) (?:\w+ )?(?:${BREADS})\b`, 'i'),
  new RegExp(String.raw`[(,–-] ?(\d{1,3})(?: (?:${BREADS}))?\)?$`, 'i'),
  // over a list "8 pieces of 100 g"
  /^(\d{1,3}) (?:[x×] ?\d{2,3} ?g )?(?:pieces|portions|wedges|balls|rounds)(?: (?:of|at|à|@) .*)?\.?$/i,
];

/** "2 breads each, 12 of us". */
const EACH_OF = new RegExp(
  String.raw`\b(\d)(?: (?:${BREADS}))? (?:each|per (?:person|head|student)),? (?:for )?(?:the )?(\d{1,2}) (?:of (?:us|you|them)|people|persons|students|participants|learners)\b`,
  'i',
);

/** "For 10 participants (20 flatbreads)": who they are for. */
const PEOPLE_BEHIND = /^ (?:people|persons?|participants|students|pupils|learners|kids|children|guests)\b/i;
/** How many pieces a text says that it makes; of several figures that of the breads goes before that of the people. */
export function yieldIn(told: string): StatedYield | undefined {
  const text = normalLine(told);
  const exactly = (n: number, words: string): StatedYield => ({ least: n, most: n, text: words, isServings: false });
  const each = TO_EACH.exec(text);
  if (each) return exactly(Number(each[1] ?? each[3]) * Number(each[2] ?? each[4]), each[0]);
  const eachOf = EACH_OF.exec(text);
  if (eachOf) return exactly(Number(eachOf[1]) * Number(eachOf[2]), eachOf[0]);
  const stated = foundIn(text, YIELD).map(([all, verb = '', least = '', most, noun = '']): StatedYield => {
    const behind = text.slice(text.indexOf(all) + all.length);
    const isServings =
      /serv|enough|portion/i.test(verb) || /people|serving|portion/i.test(noun) || PEOPLE_BEHIND.test(behind);
    return {
      least: Number(least),
      most: Number(most ?? least),
      text: all,
      isServings: isServings && !/bread|round|piece|wrap|cake/i.test(noun),
    };
  });
  const [first] = stated;
  const held = HELD.exec(text);
  if (held && (first?.isServings ?? true)) return exactly(Number(held[1]), held[0]);
  const made = stated.find((y) => !y.isServings);
  if (made) return made;
  const by = BY_NOUN.map((pattern) => pattern.exec(text)).find((m) => m !== null);
  return by ? exactly(Number(by[1]), by[0]) : first;
}

/** "Divide in two, roll each to a round. Cut each round into 4": before anything is cooked. */
const CUT_LATER =
  /\b(?:divide|cut|split|pat|form|shape)\b[^.]*?\bin(?:to)? (\d{1,2})\b(?! ?(?:g|cm|mm)\b)(?:(?!\b(?:cook|bake|fry|griddle|serve)\b)[^])*?(?:[.;,]\s|\band )(?:then )?(?:(?:cut|divide|slice) (?:each|every|both)(?: (?:round|circle|disc|roll|half|length|log|rope|piece|one))? in(?:to)? (\d{1,2}|quarters|halves|half)\b(?! ?(?:g|cm|mm)\b)|quarter (?:each|every|both)\b)/i;
/** Divided again: "in half, then each half into four", "halve, halve again", "between 4 people, 2 pieces each", "2 x 4 pieces". */
const AGAIN =
  /\b(?:divide|cut|split|part)\b[^.]*?\b(?:in(?:to)?|to) (half|halves|quarters|\d{1,2})\b(?! ?(?:g|cm|mm)\b)[^.]*?\b(?:each|every|both)(?: (?:half|halves|quarter|part|piece|third|round|circle|disc|length|rope|log|one|of them))?(?: again)? (?:in(?:to)? )(half|\d{1,2})\b(?! ?(?:g|cm|mm)\b)/i;
const SHARED =
  /\b(?:between|among) (\d{1,2})\b[^.,;]*[,;] (\d) (?:pieces?|balls?|breads?|lumps?)? ?each\b|\b(\d) ?[x×] ?(\d{1,2}) (?:pieces|balls|breads)\b|\b(\d{1,2}) (?:people|students|pupils|learners|persons)[,;:]? (?:each (?:makes?|rolls?|gets?|has|takes?) )?(\d) (?:pieces|balls|breads|lumps)\b/i;
const HALVINGS = /\bhalve\b/gi;

function dividedAgain(text: string): number | undefined {
  const of = (word = ''): number => (/^hal/i.test(word) ? 2 : /^quarters/i.test(word) ? 4 : Number(word));
  const again = AGAIN.exec(text);
  if (again) return of(again[1]) * of(again[2]);
  const later = CUT_LATER.exec(text);
  if (later) return of(later[1]) * of(later[2] ?? 'quarters');
  const shared = SHARED.exec(text);
  if (shared) return Number(shared[1] ?? shared[3] ?? shared[5]) * Number(shared[2] ?? shared[4] ?? shared[6]);
  const sentence = text.split(/[.\n]/).find((s) => /\bhalve\b[^.]*\b(?:again|once more)\b/i.test(s));
  const halvings = sentence?.match(HALVINGS)?.length ?? 0;
  return halvings > 1 ? 2 ** halvings : undefined;
}

/** The number of pieces that a step divides into: "divide into 8", "cut into 6 to 8 pieces". */
export function divisionIn(
  text: string,
): { readonly least: number; readonly most: number; readonly text: string } | undefined {
  const twice = dividedAgain(text);
  if (twice !== undefined)
    return {
      least: twice,
      most: twice,
      text: (AGAIN.exec(text) ?? CUT_LATER.exec(text) ?? SHARED.exec(text))?.[0] ?? '',
    };
  const m =
    /\b(?:into|in|to|make|form|shape|off|get|end up with)\s+(?:about )?(\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))?(?!\d|\s*(?:cm|mm|g|in|inch)\b)\s*(?:\d{1,2} ?(?:cm|"|inch|in)[ -])?(?:\w+[ -]){0,3}?(?:pieces?|balls?|portions?|parts?|rounds?|lumps?|bits?|chunks?|quarters|equal|breads?|farls?|wedges?|squares?|slices?)\b/i.exec(
      text,
    );
  if (m) return { least: Number(m[1]), most: Number(m[2] ?? m[1]), text: m[0] };
  const slices = /\b(?:cut|slice)(?: off)? (\d{1,3}) (?:slices|pieces)\b/i.exec(text);
  if (slices) return { least: Number(slices[1]), most: Number(slices[1]), text: slices[0] };
  const quarters =
    /\bhalve\b[.,;]? (?:then )?each half[:,]? [^.]*\b(?:cut|divided?|split) (?:it )?in(?:to)? quarters\b/i.exec(text);
  if (quarters) return { least: 8, most: 8, text: quarters[0] };
  const halves = /\bhalve\b[^.]*\beach half in(?:to)? (\d{1,2})\b/i.exec(text);
  if (halves) return { least: 2 * Number(halves[1]), most: 2 * Number(halves[1]), text: halves[0] };
  const bare =
    /(?:^|[.;/] |\n|, (?=\d{1,3} (?:pieces|balls|portions),))(\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))? (?:even |equal )?(?:pieces|balls|rounds|portions|patties|discs)\b|\b(?:div|divide) (\d{1,3})\b(?! ?g)/i.exec(
      text,
    );
  if (bare) return { least: Number(bare[1] ?? bare[3]), most: Number(bare[2] ?? bare[1] ?? bare[3]), text: bare[0] };
  const plain =
    /\b(?:divides?|cuts?|split|parted|portion)\b[^.]*?\bin(?:to)? (\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))?\b(?!\s*(?:g|cm|mm|min|in\b))/i.exec(
      text,
    );
  if (plain) return { least: Number(plain[1]), most: Number(plain[2] ?? plain[1]), text: plain[0] };
  const to =
    /\b(?:divide|split|portion) (?:(?:it|the dough) )?to (\d{1,2})(?= *(?:[,.;]|$|(?:pieces|balls|portions)\b))/i.exec(
      text,
    );
  if (to) return { least: Number(to[1]), most: Number(to[1]), text: to[0] };
  const tins =
    /\b(?:into|in|between|among|over) (\d{1,2}) (?:(?:\d{1,2} ?cm|[\p{L}-]+) ){0,4}(?:tins|pans|trays|moulds|dishes)\b/iu.exec(
      text,
    );
  if (tins) return { least: Number(tins[1]), most: Number(tins[1]), text: tins[0] };
  const among =
    /\b(?:divide|share|split) (?:(?:it|the dough) )?(?:out )?(?:equally )?(?:among|between) (?:the )?(\d{1,2}) (?:people|persons|students|children|kids|of (?:us|you)|participants)\b(?!,? (?:\d|two|three))/i.exec(
      text,
    );
  if (among) return { least: Number(among[1]), most: Number(among[1]), text: among[0] };
  const cut = /(?:^|[,;.] |\band )(?:cut|slice) (\d{1,2})(?= *(?:[,;.]|$|\n))/i.exec(text);
  if (cut) return { least: Number(cut[1]), most: Number(cut[1]), text: cut[0] };
  const got =
    /\byou (?:should|will|['’]ll|ought to) (?:get|have|end up with) (?:about )?(\d{1,2})\b(?! ?(?:g|cm|mm|min|%|°)\b)/i.exec(
      text,
    );
  if (got) return { least: Number(got[1]), most: Number(got[1]), text: got[0] };
  const half = /(?:^|[.;,] |\n|\band )halve(?: (?:it|the dough))?(?= *(?:[.;,]|$|\n|and\b))/i.exec(text);
  if (half) return { least: 2, most: 2, text: half[0] };
  return /\bcut\b[^.]*\binto quarters\b|\bcut (?:in(?:to)? )?an? cross\b(?! in\b| on\b)|\bquarter (?:it|the)\b/i.test(
    text,
  )
    ? { least: 4, most: 4, text: 'quarters' }
    : undefined;
}

/** Grams of a piece: "about 70 g each", "balls of 60-70 g". */
export function pieceWeightIn(text: string): { readonly g: number; readonly text: string } | undefined {
  const m =
    /(?:of|into|to|off|weigh\w*)?\s*(?:about |around |approx\.? )?(?<!\b(?:topping|fill(?:ing)?|stuff(?:ing)?|cheese|sauce|butter|oil)(?:[:,]? |[^.;,\n]{1,40}\()(?:about |~ ?)?)\b(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b\s*(?:each|apiece|a piece|per|balls?|pieces?|parts?|bits?|chunks?|rounds?|squares?|rectangles?|blocks?|strips?|spoonfuls?|portions?|lumps?)/i.exec(
      text,
    ) ??
    /\b(?:balls?|pieces?|portions?|parts?|bits?|chunks?|rounds?|lumps?|breads?|flatbreads?|spoonfuls?|ladles?)[,:]? (?:(?:it|them|each) )?(?:(?:of|are|weigh|weighing|at|@|à)(?: about| around| approx\.?)? |, about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:(?:scal(?:e|ing)|weigh off|divide|portion|cut)[:,]?(?: (?:it|them|the dough))?(?: at| to| in(?:to)?)?|(?:divide|portion|scale|cut|pieces?)\w*(?: \w+){0,3}? (?:at|to|of|à|@)) (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:everyone|everybody|each(?: of you)?|you|student|person) (?:cuts?|takes?|pinch(?:es)?)(?: off)? \d (?:bits?|pieces?|lumps?),? (?:of )?(?:about )?(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))? ?g\b/i.exec(
      text,
    ) ??
    /\b(?:everyone|everybody|each(?: of you)?|you|student|person) weighs?(?: out| off)? (?:about )?(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))? ?g(?= (?:and|of dough|each)\b| *[.,;]| *$)/i.exec(
      text,
    ) ??
    /\b(?:piece|ball)s? weights?:? (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(text) ??
    /\bin(?:to)? \d{1,3}(?: \w+){0,3} ?\((?:about |around |approx\.? |ca\.? |~ ?)?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:breads?|flatbreads?|pieces?|balls?|rounds?|wraps?|dividing|divide) \((?:about |around |approx\.? |ca\.? )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\)/i.exec(
      text,
    ) ??
    /(?:^|[,;.] )(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g[,;] ?(?:round|ball|pat|press|roll|flatten|shape|stretch)/im.exec(
      text,
    ) ??
    /\b(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g (?:of )?batter (?:per|a|for (?:each|every|one))\b/i.exec(text) ??
    // "ladle on about 160 g", "put 90 g of batter on the plate"
    /\b(?:(?:drop|pour|ladle|spoon|scoop) (?:(?:in|on|out|onto|into|about|around|roughly|the|a|your|griddle|pan|tawa|plate) ){0,4}(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b(?! (?:of )?(?:the )?(?!batter|dough|mix|in|on|at|for|per|and|a\b)\p{L})|(?:drop|pour|ladle|spoon|scoop|put|use|take|weigh|allow) (?:(?:in|on|out|about|around|roughly) ){0,2}(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g (?:of )?(?:the )?(?:batter|dough)\b)/iu.exec(
      text,
    ) ??
    /\bfor (?:each|every) \p{L}+,? (?:pour|ladle|use|take|spoon) (?:in |on )?(?:about )?(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/iu.exec(
      text,
    ) ??
    /\bladle(?:ful)?s?,? (?:of (?:the )?batter )?\(?(?:about |around )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\bweight of (?:the |each |a )?(?:pieces?|balls?):? (?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /\b(?:the size of|as big as) [\w ]{3,20}(?:\(|, )(?:about |around )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    ) ??
    /(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g (?:of (?:the )?dough )?for (?:each|every)\b/i.exec(text) ??
    /\b\d{1,2} each, (?:about )?(\d{2,3})(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(text) ??
    /\beach (?:weighing |of |ball |piece )?(?:about )?(\d{2,3}(?:\.\d)?)(?:\s*(?:-|–|to)\s*(\d{2,3}))?\s*g\b/i.exec(
      text,
    );
  if (!m) return undefined;
  const [least = '', most = least] = m.slice(1).filter((n?: string) => n !== undefined);
  return { g: (Number(least) + Number(most)) / 2, text: m[0].trim() };
}
