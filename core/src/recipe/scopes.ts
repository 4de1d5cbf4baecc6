import { foundIn } from './needs.ts';

/** A stretch of a sentence in which what is said is not simply done. */
export interface Scope {
  readonly from: number;
  readonly to: number;
  /** It is not done; it is done only if something goes wrong; it may be done. */
  readonly kind: 'not' | 'if' | 'may';
}

const NOT =
  /\b(?:nothing (?:has|needs) to\b|no (?!more\b|longer\b|less\b|dry\b|lumps?\b|flour\b|matter\b|\d)|without\b(?! (?:for\b|\d|(?:any |more )?(?:oil|fat|butter|grease|flour)\b))|do not (?!skip|forget|miss)|don['’]t (?!skip|forget|miss)|never\b|not with\b|not (?:needed|necessary)\b|need not\b|needn['’]t\b|(?<!\b(?:until|till|when|once|so|so that) (?:\w+ ){0,3})(?:does|should|must|will) ?n[o'’]t\b|(?<!n['’]t |not )skip (?:the|any)\b)[^,.;:–—]*?(?=[,.;:–—]|\s-\s|\s(?:but|just)\b|(?<=\b(?:without|no)(?: \w+){1,3})\swith\s|$)/gi;
const IF =
  /\bif (?!you (?:like|wish|want|prefer|have)\b|liked\b|desired\b|using\b|needed\b|necessary\b|possible\b)[^.;]*/gi;
/** "When it sticks, …", "should it tear, …": only some doughs do. */
const SHOULD_IT =
  /\b(?:when|whenever|should|in case) (?:it|they|the (?:dough|ball|piece|disc|round)s?|a (?:ball|piece|disc|round)|1) (?:(?:is|are|be|feels?|seems?|gets?|keeps?|starts?) )?(?:too (?!\w+ to\b)|very (?=sticky|dry|wet)|sticky\b|(?<=feels? )wet\b|stick(?:s|ing)?\b|tacky\b|spring(?:s|ing)? back|shrink(?:s|ing)?\b|resists?(?:ing)?\b|fights?\b|tears?\b|cracks?\b|crumbl(?:y|es?|ing)\b)[^.;]*/gi;
/** "as thin as you can", "until you can": no choice. */
const MAY =
  /(?<!\b(?:as|once|until|till|so|so that|that|which|where|when) (?:\w+ ){0,3})\b(?:can|could|may|might)\b(?! (?:be seen|now|then|not be (?:easier|simpler|quicker))\b)/gi;

/** A sentence that opens with a wish is a choice as a whole; "brush with butter if you like" is done, and may be left. */
const WISH =
  /^\(?(?:and |or )?(?:if you (?:like|wish|prefer)[,:]|or,? (?=(?:use|make|leave|let|put|keep|roll|bake|cook|fry|mix|knead|try|do)\b)|alternatively\b|for (?:an? )?(?:\w+ )?(?:softer|crisp(?:er)?|thicker|thinner|darker) (?:breads?|ones?|crust|result|version)?,? ?|optional(?:ly)?\b|(?:some|others|many|a few|sometimes|occasionally|now and then|on (?:sundays|feast days)) (?:(?:i|we|you|people|teachers|cooks|bakers|of us) )?(?=\p{Ll}+ )(?!of\b|more\b|salt\b|water\b|flour\b|oil\b|milk\b))[^.;]*/iu;

/** "Rest 30 minutes, or up to 8 hours in the fridge." */
const OR_COLD = /,? or (?:for )?(?:up to )?(?:\d|an?\b|overnight)[^.,;]*\b(?:fridge|refrigerator)\b/gi;
/** "(or overnight in the fridge, take it out an hour before)": all that the brackets hold. */
const OR_COLD_IN_ALL = /\((?:or|alternatively)\b[^()]*\b(?:fridge|refrigerator|overnight)\b[^()]*\)/gi;
const IF_TIME = /\bif (?:you have (?:the )?time|there is (?:still )?time|time allows)\b[^.;]*/gi;

/** "Leave for 5 minutes if you have time": a rest that nobody needs. */
const IDLE_IF_TIME =
  /^(?:leave|rest|let|chill|set aside)\b(?![^.;]*\b(?:longer|more) if)[^.;]*\bif (?:you have (?:the )?time|there is time|time allows)\b/i;

/** "…, resting it for 5 minutes whenever it springs back". */
const WHENEVER = /,? ?\b(?:resting|rest) (?:it|them|the dough) for (?:about )?\d+ ?\w+ (?:whenever|if|when) [^.;]*/gi;

/** "Add water if required.": what only some doughs need. */
const ADD_IF = /^add (?:a little |some |more |a little more )?[\p{L} ]{3,24} if (?:required|needed|necessary)\b/iu;

/** "… like clay – add water if it cracks": within a sentence too. */
const ADD_IF_IT =
  /\badd (?:(?:a (?:little|bit|touch|splash) |some )?(?:more |extra )?(?:of )?)?[\p{L}]{3,16} (?:if|when|should) (?:it|they|the \p{L}+)\b[^.;)]*/giu;

/** "… makes it easier to roll", "an hour before you want to shape it": why or when, and nothing to do. */
const EASIER =
  /\bbefore you (?:want|wish|need|plan|intend|start|begin|are (?:ready|going)) (?:to )?[^,.;]*|\bbefore (?:rolling|shaping|cooking|dividing|baking|stretching|filling)\b(?!,? \d)(?! (?:it |them |each |the (?:dough|balls|pieces) )?(?:for|to|into|out (?:to|into))\b)|\b(?:makes? (?:it|them|the \w+) )?(?:much )?easier to \w+/gi;

/** "Keep them in the fridge until needed": so long as somebody likes, and no longer. */
const KEPT_COLD =
  /(?<=^|[,;] |\band )(?:keep|leave|store|hold|refrigerate|chill|put|place|pop)\b(?=[^.;]*(?:\bfridge\b|refrigerat|\bchill))[^.;\d]*\buntil (?:needed|required|wanted|(?:they are |it is |you are |we are )?(?:needed|ready to \w+|wanted)|(?:you|we) (?:need|want|use)|use\b|the (?:class|students|pupils|lesson))[^.;\d]*(?=[.;]|$)/gi;

/** "Knead until you can stretch it thin": how it is then, and nothing to do. */
const UNTIL_IT_CAN = /(?<=\b(?:until|till) )(?:you|it|they) can \w+[^,.;(\d]*/gi;
/** "While it cooks, roll the next": what is done already, with the next bread. "Save a little for rolling": what for. */
const NEXT_ONE =
  /\b(?:while|as) (?:it|that|this|1|one|each|the (?:first|bread|other)(?: one)?) (?:is )?(?:cook|bak|fr[yi]|griddl)\w+,? (?:roll|shape|press|pat|stretch|flatten)[^.;]*|\bfor (?:rolling|shaping|kneading|dusting)\b(?! (?:it |them |the dough )?(?:out )?(?:to|for|on)\b)/gi;

/** "Wrap, 30 min at least (mine waits two hours)": what somebody tells of their own. */
const OF_MINE = /\((?:mine|ours|i|we) [^)]*\)/gi;

/** "Divide the class into 3 groups", "rest your arms": what people do, and nothing of the bread. */
const OF_PEOPLE = new RegExp(
  `\\b(?:${[
    '(?:divide|split|sort|part) (?:(?:the (?:class|group|room|students|children|people|learners)|them|people|everyone|everybody|yourselves) )?(?:up )?(?:in(?:to)?|to) (?:\\w+ )?(?:teams|groups|pairs|twos|threes)',
    'divide the (?:class|room|students|children|learners)',
    'mix (?:people|the (?:groups|teams|pairs))',
    'work (?:in|as) (?:pairs|groups|teams|twos|threes|a team)',
    'brush (?:the (?:table|floor|bench|board|worktop|counter)(?! with)|up (?:on )?your)',
    'fill (?:(?:out|in) (?:the|a|this|your) (?:\\w+ )?(?:form|sheet|list|card)|the (?:kettle|sink|jug|bucket))',
    '(?:rest|stretch|shake(?: out)?|relax|roll|warm) your (?:arms?|backs?|hands?|wrists?|shoulders?|legs?|feet|eyes|fingers|neck)',
    'wrap (?:up warm|yourselves)',
    'roll call',
    'flip a coin',
    'pour (?:yourself|yourselves|everyone|everybody|us)\\b',
    'cook with your',
    'listen (?:for|to)',
    '(?:the|our|my|a) cook of',
    'take turns',
    '(?:we|you|they) have (?:about )?\\d+ (?:minutes?|mins?|hours?) (?:until|before|left|to go)',
  ].join('|')})[^.,;:]*`,
  'gi',
);
/** "Rolling is the hard part", "a good knead is worth it": what somebody says of work is none. */
const OF_WORK =
  /^(?:(?:and|but|so) )?(?:(?:the|an?|1|this|that|good|your) )*(?:proof|knead|rest|mix|shape|size|griddle|pan|kneading|rolling|mixing|resting|cooking|shaping|stretching|folding|dividing|baking)(?: (?:it|them|well|by hand|the dough))? (?:is|are|was|must|does|do|should|needs?|takes?|makes?|matters?)\b(?![^.;]*\b(?:\d|an? (?:few|hour|minute)|done|kneaded|rolled|mixed|cooked|divided|shaped|rested|covered|left|put|placed|lasts?|on (?:the|a)|with (?:the|a|your))\b)[^.;]*/i;

/** The stretches of a sentence in one spelling in which words for hands are no steps. */
export function scopesIn(text: string): readonly Scope[] {
  const found: Scope[] = [];
  for (const [kind, pattern] of [
    ['not', NOT],
    ['if', IF],
    ['if', SHOULD_IT],
  ] as const)
    for (const m of foundIn(text, pattern)) {
      // "sifted if it is coarse, and …": in the midst of a clause it ends with that
      const isInside =
        kind === 'if' && /[\p{L}\d]\s*$/u.test(text.slice(0, m.index).replace(/\b(?:and|but|or)\s*$/i, ''));
      const length = isInside ? m[0].search(/,|$/) : m[0].length;
      found.push({ from: m.index, to: m.index + length, kind });
    }
  for (const m of foundIn(text, IF_TIME)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, OR_COLD)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, OR_COLD_IN_ALL)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, WHENEVER)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'if' });
  for (const m of foundIn(text, EASIER)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, UNTIL_IT_CAN)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, NEXT_ONE)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, KEPT_COLD)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, OF_MINE)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  for (const m of foundIn(text, ADD_IF_IT)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'if' });
  for (const m of foundIn(text, OF_PEOPLE)) found.push({ from: m.index, to: m.index + m[0].length, kind: 'may' });
  const work = OF_WORK.exec(text);
  if (work) found.push({ from: 0, to: work[0].length, kind: 'may' });
  const addIf = ADD_IF.exec(text);
  if (addIf) found.push({ from: 0, to: addIf[0].length, kind: 'may' });
  const idle = IDLE_IF_TIME.exec(text);
  if (idle) found.push({ from: 0, to: idle[0].length, kind: 'may' });
  const wish = WISH.exec(text);
  if (wish) found.push({ from: 0, to: wish[0].length, kind: 'may' });
  for (const m of foundIn(text, MAY)) {
    // the clause that says what may be done, from its start to its end
    const before = Math.max(...['.', ';', ',', ' - ', '('].map((sign) => text.lastIndexOf(sign, m.index)));
    const rest = text.slice(m.index).search(/[.;]/);
    found.push({ from: before + 1, to: rest < 0 ? text.length : m.index + rest, kind: 'may' });
  }
  return found.sort((a, b) => a.from - b.from);
}

/** The text with room where such a stretch stands, so that each place stays what it is. */
export const blanked = (text: string, scopes: readonly Scope[]): string =>
  scopes.reduce((t, s) => t.slice(0, s.from) + ' '.repeat(s.to - s.from) + t.slice(s.to), text);

/** Whether a place lies in one of them, and in which. */
export const scopeAt = (scopes: readonly Scope[], at: number): Scope | undefined =>
  scopes.find((s) => s.from <= at && at < s.to);

const KEEPING =
  /\b(?:(?:they|it|these|those|breads?|rounds|dough|balls?) (?:will )?keeps?\b(?! (?:\w+ )?warm)|keeps? (?:for )?(?:up to )?(?:a|an|\d)|store[ds]?\b|freez\w+|frozen|reheat\w*|leftovers?|days? (?:ahead|before)|in advance|ahead of time|best eaten|same day|kept in)\b/i;

/** "The bag holds 25 kg of flour", "pour yourself a glass of water": nothing goes into a dough by that. */
const NO_DOUGH =
  /\b(?:(?:bags?|sacks?|bowls?|tubs?|bins?|packets?|jugs?) (?:of \w+ )?(?:holds?|costs?|comes? in)|costs? \d|have (?:an?|1|some|the) [^.;]{3,30} (?:ready|at hand)|pour (?:yourself|yourselves|everyone|everybody)|(?:we|i) (?:take|use|need) (?:\d+|\w+) \w+ of flour for (?:the|a|my) (?:\w+ )?(?:class|group|batch|course))\b/i;
/** "My neighbour uses 50 g of butter", "last year I used 10 g more salt". */
const OTHERS =
  /\b(?:(?:my|our|the) (?:neighbou?r|mother|father|grand\w+|friend|aunt|uncle|colleague|sister|brother)s? (?:\w+ )?(?:uses?|takes?|adds?|puts?)|last (?:year|time|week)|(?:some|other) people (?:use|take|add|put)|others (?:use|take|add|put))\b/i;
/** Whether a sentence tells of amounts that are none of this dough: of others only where a list says what goes in here. */
export const isOfOthers = (text: string, hasList: boolean): boolean =>
  NO_DOUGH.test(text) || (hasList && OTHERS.test(text));

/** "The dough keeps overnight in the fridge": it may lie there, and need not. */
export const KEEPS =
  /^(?:it|they|(?:the|this) dough|the balls) (?:will )?keeps?\b(?! (?:warm|rising|moist|on)\b)|^overnight (?:is|would be|works|does)\b/i;

/** Whether a sentence speaks of what is done with bread or dough at another time: keeping, freezing, bringing back. */
export const isOfKeeping = (text: string): boolean => KEEPING.test(text);

/** "Fry the onions in butter until golden": what is cooked and is no bread. */
const COOKED_APART =
  /^(?:gently |slowly )?(?:fry|soften|sweat|cook|brown|saut[ée]|simmer|boil|steam|roast|wilt) (?:the |some |all the )?(?:\p{L}+ )?(?:onions?|garlic|mince|meat|lamb|beef|mushrooms?|spices|leeks?|peppers?|spinach|lentils|cabbage|vegetables)\b(?!.*\b(?:dough|(?:flat)?breads?|each|sides?)\b)/iu;

/** "For the dip, stir everything together": a sentence about something that is eaten with the bread. */
export const isOfComponent = (text: string): boolean =>
  /^(?:mix|combine|stir|mash|blend|whizz)(?: together)? (?:(?:all )?(?:of )?|(?:everything|all) for )the (?:filling|stuffing|topping|dip|sauce)(?: ingredients| things)?\b(?! (?:with|into) the dough)/i.test(
    text,
  ) ||
  /^(?:(?:for )?the )?(?:filling|stuffing|topping|dip|sauce|glaze|wash|paste|chutney|relish|dressing): /i.test(text) ||
  COOKED_APART.test(text) ||
  /^(?:for (?:the|a)|make the|prepare the|to make the) (?:\w+ )?(?:dip|sauce|filling|topping|glaze|chutney|relish|salad|dressing|spread|stuffing)\b/i.test(
    text,
  );

/** "Refresh starter 1:2:2 (20 g + 40 g + 40 g)": what is fed is none of the list, but for flour that is named. */
const FEEDS = /^(?:refresh|feed) (?:the |your |my )?(?:starter|levain|leaven|sourdough)\b(?!.*\bflour\b)/i;

/** "Glaze: cook 10 g flour in 120 g water": work at what is no dough, and no list. */
export const isWorkApart = (line: string): boolean =>
  FEEDS.test(line) ||
  (/^(?:for the )?\w+: (?:cook|simmer|whisk|boil|stir|mix|mash|heat|warm)\b/i.test(line) && isOfComponent(line));
