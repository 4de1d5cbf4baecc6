import { phrases } from './phrases.ts';

/** What nobody's hands do: the dough stands, rises, is cold, or warms up again. */
export const TEMPER = phrases`
  (?:come|bring|back|return) (?:\w+ ){0,3}?to room temperature
  lose its chill
  let (?:it|them|the \w+) (?:warm|come) up > (?:for|to (?:room )?temperature)\b
  ^ warm up > (?:for )?(?:about |another )?(?:\d+(?:\.\d+)? ?h|[2-9]\d ?min)
  get (?:it|them|the \w+) out > (?:of the fridge|{time}|an? hour)
  (?:let {it} )?acclimati[sz]e
  take the chill off
  let {it} thaw
  come out > (?:\d|of the (?:fridge|cold))
  (?<=^|[;.] ){time}(?:ours?)? out(?= (?:of (?:the )?(?:fridge|cold)|before)\b)
  (?<!\b[Ss]traight )(?:out of|from) (?:the )?fridge
  (?:stand|rest|sit|leave|leave {it}) (?:for )?{time}\w* (?:\w+ ){0,2}?out of (?:the )?fridge
  temper
  remove (?:it |them |the \w+ )?from the {fridge}
  take (?:it|them|the \w+) out
  take out(?= *(?:[,;.]|of\b|\d|$))
`;

export const CHILL = phrases`
  (?:leave|put|place|keep|let|rest|cover|pop)\b(?:(?!\b(?:and|then)\b)[^.;]){0,45}?\b{fridge}
  (?<!\bkeep (?:it |them |the \w+ )?)chill(?:ed|ing)?
  keep (?:it |them |the \w+ )?chilled > (?:for|overnight|until|till|\d)
  refrigerate
  in(?:to)? (?:the|a) (?:{fridge}|cool box|cold room|cellar|cold larder)
  in the cold !> \p{L}
  cold stor(?:e|age)
  in(?:to)? a cold (?:place|room|spot|corner)
  (?<=^|[;.] )(?:cellar|larder|walk-in)(?=[:,]? (?:for )?{time})
  (?<=^|[;.,] ){time}(?:ours?)? cold !> (?:water|milk|prove|proof|ferment\w*|rise|retard\w*)
  (?<=^)(?:[Cc]old|COLD)(?= overnight\b)
  cold (?:prove|proof|ferment(?:ation)?|rise|retard)
  (?:slow|retarded|long|overnight) (?:prove|proof|ferment(?:ation)?|rise)(?=[^.;]* at [1-8] ?°)
  retard
  keep (?:it |them |the dough )?cold > (?:for|overnight|until|till|\d)
  (?<!\b[Ss]traight (?:out of|from) the )fridge
`;

export const PROOF = phrases`
  (?<!\brest in )bulk(?: (?:ferment(?:ation)?|proof|rise))?(?= (?:in all )?(?:for )?\d| at (?:room|\d)| ?[,.;:]| *[=(]| *$)
  prove
  proof
  (?<!bubbles )rise
  (?<!\b[Ss]elf[ -])rising
  wait (?:until|till) (?:\w+ ){0,3}?puff(?:ed|y)
  floor time
  (?<=^|[;.,] ){time}(?:ours?)? warm(?= *(?:[,;.]|$))
  ferment(?:ation|ing|s)?
  (?:let {it} |leave {it} to |(?<=^|[,;.] ))ripen(?: up)?
  ^ raise > (?:for )?{time}
  leavening(?=:? (?:for )?{time})
  (?:airing|linen|warm) cupboard
  {time}(?:utes?|ours?)? (?:by|near|next to|beside|above|over|on) the (?:\w+ )?(?:stove|radiator|boiler|heater|range|fireplace)(?!\w| top)
  (?<=^|[;.] )(?:by|near|next to|beside|above|on) the (?:radiator|boiler|heater|fireplace)(?=,? (?:for )?{time})
  (?<!\b(?:flatten|press|roll|stretch|pat)\b[^.;,]{0,30})double[ds]? !> cream
  doubl(?:ed|ing) in (?:size|volume|bulk)
  grown? (?:by|to)
  puffy
  (?:let|allow|leave) (?:{it} )?(?:to )?(?:grow|puff up|plump up|puff (?:a little|slightly))
  let {it} puff(?: up)? > for (?:about )?\d+ ?(?:min|h)
  fold(?:s|ing)? (?:it |the dough )?every > {time}[^.;]* for\b
  let {it} (?:become|get|go|turn) (?:light|airy|puffy|bubbly|spongy|big(?:ger)?)
  (?:until|till) (?:\w+ ){0,4}?(?:risen|spongy|airy|gain(?:s|ed)? (?:half|a third|a quarter|in volume)|twice (?:its|the|their|as (?:big|large)))
  in(?:to)? (?:the|a) (?:prover|proofer|proving (?:drawer|cabinet|box)|proofing (?:drawer|cabinet|box))
  proving !> (?:drawer|cabinet|box|basket)
  (?:final|second|last|2nd) (?:proof|prove|rise) (?:in|of|as) (?:the )?balls
`;

export const REST = phrases`
  the rest(?=:)
  (?<!\b(?:turn|flip)\b[^.;]{0,40})let (?:it|them|the (?:dough|balls|pieces)) have(?= {time}[^,.;]*(?:[,.;]|$))(?![^,.;]*\bsides?\b)
  (?<!\bthe )(?<!\b(?:water|liquid|whey|foam|scum|oil|fat) that )(?<!remaining )(?<!\b(?:[Aa]dd|[Mm]ix|[Ss]tir in|[Mm]ix in) )(?:rests?|resting|reposes?|relax|swell|sit|sleeps?|stands?(?! mixer| on (?:(?:the |its |a )?cut (?:end|side)|end|(?:its|their|the) (?:ends?|sides?|edges?))| upright)) !> of\b|on (?:the|a) (?:\w+ )?(?:griddle|tawa|pan|hot ?plate|comal|skillet)\b
  let (?:it|them) (?:go|be|lie)
  (?:let|allow) the (?:dough|flour|gluten|batter) (?:to )?(?:absorb|hydrate|soften|come together|relax)(?=[^.;,\d]* (?:for )?(?:about )?[\d.]+ ?(?:min|h))
  (?<=\b(?:it|they|dough) )goe?s? (?:in(?:to)?|under|beneath) (?:an?|1|the|its) (?:\w+ ){0,2}(?:basin|bowl|cloth|towel|pot|bucket|tub|crock|blanket|lid)(?= (?:for |while |until |and |to )|,)
  (?<=^|[;.] ){time}(?:ute)?s? on the (?:racks?|trays?|boards?|cloths?)
  (?:stop|pause|break)(?=(?: ?[:,]| [–-])? (?:for )?(?:about )?[\d.]+ ?(?:min|h))
  let {it} (?:settle|calm down|recover|relax|mellow)(?=,? (?:for )?{time})
  let (?:it|them|everything|the dough) go quiet > for
  (?:put|set|lay) (?:{it} )?by > for
  bag (?:it|them|the dough)(?: up)? > (?:for )?(?:about )?\d
  (?:come|go) back (?:to (?:it|them) )?(?:in|after) > (?:about )?\d
  ^ (?:hold|park|tuck)(?: {it})?(?: up)? > (?:for )?{time}
  ^ allow(?= {time}(?:utes?|ours?)? *(?:[.,;]|$))
  put the kettle on(?=[:,]? (?:for )?{time})
  put (?:{it}|the (?:bowl|tub|tray)) (?:to (?:bed|sleep)|aside)
  {time}(?:ute)?s?['’]? (?:pause|break|peace|quiet|wait)
  (?:tray|line) {it} (?:up|out)(?: on (?:a|the) (?:\w+ )?(?:tray|board|cloth|bench))? > (?:and |, )?(?:covered |cover,? )?(?:for )?\d
  (?<!\b(?:turn|flip)\b[^.;]{0,40})(?:give|allow) (?:it|them|the (?:dough|balls|pieces)) > (?:about |another |a good )?(?:\d|an?\b|overnight)(?![^,.;]*\bsides?\b)(?:[^,.;]|\.(?=\d))*\b(?:minutes?|mins?|hours?|h)\b(?! of (?:knead|mix|cook)ing|,? (?:then )?(?:flip|turn)\b)
  lie > (?:for )?(?:an?|\d)
  wait > (?:for )?(?:an?|another|\d+(?! ?s))
  leave (?:it|them) > a (?:while|bit)\b
  leave (?:{it} )?on (?:a|the|your) (?:\w+ )?(?:planks?|boards?|trays?|cloths?|bench|table)(?= (?:for )?\d)
  leave(?= (?:(?:it|them|the (?:dough|batter)) )?while\b[^.;]*\d ?(?:min|h))
  walk away > for
  keep(?: (?:it|them|the dough))?(?: aside)? > (?!(?:knead|mix|stirr|turn|cook|flipp|go|work)ing\b|(?:(?:it|them|the \w+) )?on (?:the|a) (?:\w+ )?{pan}\b)(?:\w+ ){0,4}?for (?:about |another |a further )?\d+ ?(?:min|h)
  let (?:it|them|the (?:dough|balls|pieces|batter)) (?!(?:rise|prove|proof|double|ferment|cook|fry|bake|brown|toast|bubble|puff|char|colour|have)\b)\w+(?: up| down)?(?: and \w+(?: up| down)?)? > for (?:about )?(?:\d+(?! ?s)|an?\b)
  (?<=^|[,;/] )bench > (?:for )?(?:\d+ ?(?:min|h)|[5-9]\b|\d\d)
  leaves?(?: (?:it|them|the dough))? > (?:for )?\(?(?:about |another )?\d
  (?:leave|set) (?!(?:it |them )?on (?:the|a) (?:\w+ )?{pan}\b)(?:\w+ ){0,3}?(?:aside|alone|covered|for|to cool|until|till|under|overnight|to stand)
  leave (?:it |them |the \w+ )?in an? (?:warm|cool|cold) (?:place|spot|room|corner)
  (?:leave|set) {it},? (?:aside,? )?(?:well |tightly |loosely |lightly |still )?(?:un)?(?:covered|wrapped|lidded)
  (?:put|set|leave|stand) (?:\w+ ){0,2}?(?:to|on) (?:one|a|the) side(?! {pan})
  (?:\d+[- ]minute|\d+[- ]min|short|brief|a) rest
  (?:a )?rest of > (?:about )?\d
  (?:put|set|leave) (?:it|them|the dough) (?:by|near|next to|on) the (?:stove|radiator|fire|heater|boiler)
  put (?:it|them|the dough) in (?:a|the) bag > for\b
  nap
  (?:let {it} |leave {it} to |(?<=^|[,;.] ))mature(?: up)?
  relaxation(?=:? (?:for )?{time})
  couche(?= {time})
  let {it} (?:go|get) slack
  let (?:the yeast|it|them) (?:do (?:its|their) (?:work|thing)|work) > for\b
  (?:have|take) a break
  (?:it|they|(?:the )?dough) (?:wants?|needs?|likes|(?:should|must) have)(?= (?:{time}|0\.5 h))(?![^.;]*\bsides?\b)
  (?<!\b(?:when|once|until|till)\b[^.;,]{0,20})cool (?:for|until|down|enough|completely)
  (?<!\b(?:when|once|until|till)\b[^.;,]{0,20})cool > (?:about )?\d+ ?(?:min|h)
  soak
  autolyse
`;
