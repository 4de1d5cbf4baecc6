/** What she does, as somebody tells it, in the words of what is to be done. */
export const THIRD =
  /(?<=\b(?:she|he|it|who|then|and|dough|everybody|everyone|\p{Lu}\p{Ll}+) |, )(mix|knead|boil|mash|work|take|wait|roll|pull|sit|stand|rest|cook|bake|flip|turn|throw|let|leave|cover|cut|divide|shape|press|flatten|pat|stir|add|rise|prove|proof|round|ferment|bulk)(?:e?s)\b(?= (?:it|them|this|that|another|the|each|off|out|in|on|under|for|everything|all|pieces|\d))/gu;

/** What was done, as somebody tells it, in the words of what is to be done. */
export const TOLD: Readonly<Record<string, string>> = {
  mixed: 'mix',
  combined: 'combine',
  stirred: 'stir',
  added: 'add',
  poured: 'pour',
  placed: 'place',
  kneaded: 'knead',
  knocked: 'knock',
  punched: 'punch',
  deflated: 'deflate',
  rested: 'rest',
  proofed: 'proof',
  balled: 'balls',
  left: 'leave',
  gave: 'give',
  proved: 'prove',
  rose: 'rise',
  stood: 'stand',
  sat: 'sit',
  divided: 'divide',
  rounded: 'round',
  folded: 'fold',
  shaped: 'shape',
  rolled: 'roll',
  cooked: 'cook',
  baked: 'bake',
  scaled: 'scale',
  griddled: 'griddle',
  flipped: 'flip',
  turned: 'turn',
  pressed: 'press out',
  flattened: 'flatten',
  stretched: 'stretch',
  patted: 'pat',
  pulled: 'pull',
  chilled: 'chill',
  refrigerated: 'refrigerate',
  opened: 'open',
  laid: 'lay',
  halved: 'halve',
  brushed: 'brush',
  painted: 'paint',
  sprinkled: 'sprinkle',
  topped: 'top',
  smeared: 'smear',
  dotted: 'dot',
  scattered: 'scatter',
  filled: 'fill',
};
/** "It is kneaded for ten minutes and left …"; "once it is kneaded" says when. */
export const PASSIVE = new RegExp(
  `\\b(?=(?:is|are|was|were|gets?|got|then|left|${Object.keys(TOLD).join('|')})\\b)(?<!\\b(?:when|once|until|till|after(?! that)|if|as)\\b[^.,;]{0,24})(?:\\b(?:is|are|was|were|gets?|got) (?:then |now )?|(?<=\\b(?:is|are) [^.;]{0,60}\\b(?:and|then) )(?:then )?)(${Object.keys(TOLD).join('|')}|left)(?=,| (?:(?:for|and|with|in|into|on|under|to|out|until|by|at|back|down|flat|thin|together|well|half|about|an?|five|ten|fifteen|twenty|thirty|sixty)\\b|\\d))`,
  'gi',
);
/** "The dough should be kneaded for 8 minutes", "it can then be divided". */
export const TO_BE_DONE = new RegExp(
  `\\b(?:should|must|needs? to|ha(?:s|ve) to|(?:is|are) to|can (?=then|now))(?: then| now)? be (?:then )?(${Object.keys(TOLD).join('|')})\\b`,
  'gi',
);
/** Behind a subject or at the start of a clause, before what it was done to: "rolled oats" are no rolling. */
export const TOLD_VERB = new RegExp(
  `(^|[.,;] |\\b(?:i|we|she|he|they|it|and|then|everyone|everybody|each|(?:the )?(?:dough|balls)) )(${Object.keys(TOLD).join('|')})(?= (?:it|them|those|these|half|about|theirs|hard|well|gently|briefly|slowly|lightly|pieces|balls|rounds|again|once|by|with|\\d+|the|for|all|out|everything|each|to|until|in|up|over|into|an?)\\b)`,
  'gi',
);

/** A stage by its noun at the head of a line, "Mixing: 5 min". */
export const STAGES: Readonly<Record<string, string>> = {
  mixing: 'mix',
  kneading: 'knead',
  'bulk fermentation': 'bulk ferment',
  'bulk proof': 'bulk proof',
  fermentation: 'ferment',
  refrigeration: 'refrigerate',
  chilling: 'chill',
  proofing: 'proof',
  proving: 'prove',
  dividing: 'divide',
  scaling: 'scale',
  portioning: 'portion',
  weighing: 'scale',
  pressing: 'press out',
  griddling: 'griddle',
  holding: 'keep warm',
  rounding: 'round up',
  balling: 'balls',
  resting: 'rest',
  'bench rest': 'bench rest',
  shaping: 'shape',
  rolling: 'roll',
  sheeting: 'roll',
  pinning: 'roll',
  baking: 'bake',
  cooking: 'cook',
};
/** A cell that opens with a stage by its noun. */
export const STAGE_FIRST = new RegExp(
  `^(?:${Object.keys(STAGES).join('|')}|${Object.values(STAGES).join('|')})\\b`,
  'i',
);
/** A line that is the noun of a stage and nothing more. */
export const STAGE_ALONE = new RegExp(`^(?:${Object.keys(STAGES).join('|')})\\.?$`, 'i');
export const WORK_OF_STAGE = new RegExp(
  `(?<=^|; )(${Object.keys(STAGES).join('|')})(?: time)?(?: (?:in bulk|of the (?:pieces|dough|balls)))?(?:\\s*[:=–-]\\s*|(?<=proofing|proving|resting|fermentation)\\s+(?=\\(\\d)|\\s+(?:takes|will take|should take)\\s+|\\s+(?=\\d)|\\.?$)`,
  'i',
);
