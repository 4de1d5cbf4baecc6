import { phrases } from './phrases.ts';

/** What is done on the griddle and behind it. */
export const COOK = phrases`
  give (?:it|them|each(?: one)?) > [^,.;]*\b(?:a|per|each) side\b
  cooks? !> (?:the|your) (?:rest|others?|remaining)\b
  fry
  fries
  roast(?:ing)? > (?:on|in|each|for|until|over)
  griddle > (?:for|each|it|them|over|until|\d|the (?:wedges|breads?|rounds?|pieces)\b)
  (?:cover and )?steam > (?:for |about )*\d
  (?<=^|[;,./] )(?:plate|griddle|pan|tawa|tava|comal|saj|sac|stone(?: oven)?|plancha) > \d+(?:\.\d+)? ?(?:min|s\b|sec|h\b)
  (?<=^|[;.] )(?:stone|pan|tawa|hot ?plate)(?=: \d[\d.]* ?(?:min|s\b|sec))
  (?<=^|[;,.] )griddle > (?:with|under|on)
  (?<=^|[;,.] )(?:(?:oven|baking|pizza|hot) )?(?:ovens?|stone(?: oven)?|deck|griddle|hot ?plate|tava|tawa|saj|pan|dome)(?: at)?(?=,? \(?\d{3} ?(?:°[^.;]{0,24}?)?\)?[,:]? \d[\d.,–-]* ?(?:min|s\b|sec))
  (?<=^|[;,.] )on (?:the|a) (?:hot )?(?:stone|steel|hot ?plate|griddle|tawa|pan)(?=, (?:for )?(?:about )?\d[\d.]*(?: ?(?:[-–]|to|or) ?[\d.]+)? ?(?:min|s\b|sec))
  (?<=^|[.;] )[12]\d\d ?(?:°|degrees\b)(?: ?C)?(?=, (?:for )?(?:about )?\d[\d.]*(?: ?(?:[-–]|to|or) ?[\d.]+)? ?(?:min|s\b|sec)[^.;,]*(?:[.;]|$))
  ^ (?:in|on)to the (?:hot |very hot )?(?:oven|{pan}) (?:they|it|these) goe?s?
  ^ (?:finish )?under (?:a|the) (?:hot )?grill
  (?:hold|put|lay|place|finish|set) (?:{it} )?(?:straight |directly )?(?:over|on|onto) (?:an? |the )?(?:open |gas |naked |direct )*flame
  ^ (?:straight )?(?:over|on|onto) (?:an? |the )?(?:open |gas |naked |direct )*flame > (?:(?:for )?\d|until\b|till\b)
  (?<=^|[;,.] |\band )(?:on|onto) (?:the|a) (?:very )?(?:hot )?(?:dome|saj|wok|tawa|griddle) > (?:for )?(?:about )?\d
  (?<=^|[;,.] )(?:(?:in(?:to)? (?:the |a )?)?(?:max(?:imum)?|hottest|full|very hot|hot|really hot) oven|oven (?:on |at )?(?:max(?:imum)?|full|its hottest|flat out|as hot as (?:it|yours) (?:goes|gets|will go|will get|can)))(?=[^.;]{0,20}[,:]? (?:for )?(?:about )?\d[\d.]*(?: ?[-–] ?[\d.]+)? ?(?:min|s\b|sec))
  bake
  baking > on
  toast
  sear
  sizzle
  (?<=^|[;,.] )(?:(?:over|on|onto) (?:a|the) )?(?:open |gas |naked )*flame(?= *:? *(?:\d+(?:\.\d+)? ?(?:s|sec|min)\b|till\b|until\b))
  ^ puff(?= (?:\d|on|over|it|them|with|by))
  lay (?:\w+ ){0,3}?(?:over|on|above) the (?:embers|coals|fire|grid|grate|grill)
  brown > (?:on|for)
  grill > (?:for|until|each|\d)
  lay (?:\w+ ){0,4}?(?:on|onto|in|into) (?:the |a )?(?:\w+,? ){0,3}?{pan}
  (?<=^|[,;.] )tandoor(?=[^.;]* \d+ ?(?:s|sec\w*|min\w*)\b)
  (?:stick|slap|press|lay) (?:{it} )?(?:on|onto|to|against) (?:the |a )?(?:hot )?(?:tandoor|oven)(?: walls?)?
  (?:slap|throw) (?:\w+ ){0,4}?(?:on|onto|in|into) (?:to )?(?:the |a )?(?:\w+ ){0,2}?(?:hot ?plate|pan|griddle|skillet|tawa|comal|stone|plate|bakestone)
  (?:put|place|drop|slide|slip|lower|transfer) (?:\w+ ){0,4}?(?:in|on|in ?to|onto|to) (?:the|a|your) (?:\w+,? ){0,3}?{pan}
  (?:leave|keep) (?:it |them )?on the (?:hot )?{pan} > for \d
  lay (?:on|down) (?:a|one|the) (?:bread|round|flatbread|first)
  (?:put|place|lay) (?:an?|1|one|the(?: first)?|each) (?:\w+ )?(?:bread|chapatt?i|roti|naan|tortilla|flatbread|round|disc|wrap|pita) (?:on|in(?:to)?) (?:it|there)\b
  slap
  dry-fry
  (?:put|place) (?:the|a) lid on > after
  turn (?!over(?: and|,) (?:roll|flatten|press|pat)\b)(?:it |them |each )?(?:over|once|and)
  (?:turn|flip)(?: {it})? after > (?:about )?\d
  (?:sit|stay|lie) on (?:the|a) (?:hot )?{pan}
  turn (?:it |them |each )?(?:twice|\d times)
  (?<=\d ?(?:s|secs?|seconds?|min|minutes?)\b[^.;]{0,20}, )turn (?:it|them)(?= *(?:[,;.]|$))
  (?:turn|flipp)ing > every \d
  flip !> (?:(?:it|them) )?(?:over )?(?:and|&) (?:roll|stretch|pat|press|toss|pull|flatten)\b
  broil
`;

export const FINISH = phrases`
  (?<=^)[Bb]utter(?=[.!]?$)
  (?:grind|crack|grate|shave) (?:\w+ ){0,3}?over > (?:the|it|them|each)\b
  spray > (?:(?:it|them|each|the (?:breads?|tops?|rounds?)) )?(?:lightly )?with\b
  brush !> the (?:griddle|pan|skillet|plate|hotplate)\b|(?:it |them |the flour )?off\b
  drizzle !> of
  (?<!\bto )(?:sprinkle|scatter|strew) !> (?:\w+ ){0,3}?with water\b|(?:the |\d+ ?g (?:of )?)?(?:\w+ )?yeast\b
  rub with garlic
  spread with !> the back
  dab
  ^ (?:anoint|slick|swipe|lacquer|glaze|varnish)(?: (?:it|them|each|the breads?))? > with (?:\w+ ){0,3}?{fat}\b
  (?<=^|[;.] )(?:[Cc]oat|[Gg]rease) > with (?:\w+ ){0,3}?{fat}(?= *(?:[.;]|$))
  (?:steam|sweat|soften) (?:{it} )?(?:in|under|inside) (?:a|the) (?:\w+ )?(?:towel|cloth|bag|napkin)
  (?:knob|bit|dab|spoon|spoonful|splash) of (?:\w+ )?{fat} on (?:each|top|it|them|every)\b
  put (?:the |some |a little )?{fat} on(?= *(?:[.,;]|$|while|when|each|top|them))
  in(?:to)? a (?:\w+ )?bag to (?:soften|steam|sweat)
  smear
  (?:baste|slather|paint|gloss) > (?:[\w-]+ ){0,4}?with\b
  (?:slather|paint) (?:it|them) (?:on|over)
  (?:hold|fold|store|put|keep|tuck|layer) (?:{it} |warm )?(?:in|between|under|inside) (?:an? |the |\d )?(?:\w+ ){0,2}?(?:towels?|cloths?|napkins?|foil|basket)
  wrap(?:ped)?
  (?<!\b(?:a|the|this|each|every) )stack(?:ing)?
  pile > (?:{it} )?(?:up|in|under|and cover)\b
  (?:pile|keep|stack) (?:the (?:cooked|finished|baked) (?:ones|breads?)|those that are (?:done|cooked|ready)) (?:in|under|into)
  (?:keep|put|hold|place) (?:{it} )?(?:warm )?in a (?:low|warm|cool) oven
  basket
  (?<=^)(?:[Cc]loth|[Tt]owel)(?=\.?$)
  (?<=^|[;.] )into (?:the|a) (?:\w+ )?(?:towel|cloth)
  dust (?:it |them )?with > (?:\w+ ){0,3}?(?:sugar|cinnamon|paprika|za['’]?\w*|salt|herbs|cheese|sesame|sumac|cumin|seeds?)\b
  keep (?:\w+ ){0,4}?(?:warm|wrapped)
  keep covered > (?:until|till)\b
  (?<=, then )butter(?=[.;!]?$)
  finish with !> (?:(?:an?|the|your) (?:\w+ )?pin\b|(?:an? |\d|0\.5)[^.;]*\b(?:rest|proof|prove|rise)\b)
  (?:put|place|slide|pop|tip) {it} (?:straight )?(?:into|in|between) (?:a |the |\d )?(?:\w+ )?(?:cloths?|towels?|basket)
  slide (?:it |them )?(?:on|on ?to) a (?:\w+ )?(?:plate|board|cloth|towel)
  ^ straight into (?:a|the) (?:\w+ )?(?:cloth|towel|basket)
  (?<=\bgoe?s? )straight into (?:a|the) (?:\w+ )?(?:cloth|towel|basket)
  (?<=^|[,;.] )(?:butter|ghee|oil) on (?:top|both sides)
  apply > (?:\w+ )?(?:ghee|butter|oil)\b
  (?<!\b(?:with|of|the|g|melted|soft|cold|warm) )butter > (?:the tops?|the breads?|them|it|each|while|when|as soon)\b
  (?<!the )top with
  (?<=[,;] )(?:[\w-]+ ){0,2}(?:sesame|seeds?|nigella|za['’]?atar|cheese|herbs|rosemary|onions?|cumin|oil|butter|honey) on top(?= *[,;.])
  season with
`;

/** What is read, and is no step of a bread: holes against blisters, the same once more, tidying. */
export const ASIDE = phrases`
  (?:brush|oil|grease|butter|wipe) (?:the|your) (?:hot |dry )?{pan}(?: lightly| well)?(?: with (?:a |some )?(?:little |thin film of )?(?:\w+ ){0,2}?(?:{fat}|paper|cloth))? $
  fill (?:it |them |each )?with (?:anything|whatever|your favou?rite)
  roll up (?:your|the) sleeves
  prick
  dock
  cook (?:the|your) (?:rest|others?|remaining)
  (?:continue|carry on|repeat) with
  (?:pre-?heat|heat) (?:the|your|a) (?:broiler|grill|oven)(?: (?:and|&) (?:a|the|your) (?:[\w-]+ ){0,4}?{pan})?
  melt (?:the |a little |some )?{fat}(?: in (?:a|the) (?:\w+ )?{pan})?(?= and (?:cook|fry)\b)
  melt (?:a little|some|a knob of|a bit of|the) {fat} in (?:a|the|your) (?:\w+ )?{pan}
  brush off
  (?:oil|grease|flour|dust) (?:a|your) (?:\w+ )?(?:tray|bowl|tub|box|tin|sheet)
  (?:brush|rub) the balls with (?:a little )?oil
  oil the balls
  (?<=\b{pan}\b[^.;]{0,12}[,;] (?:and )?)(?:brush|wipe|grease|oil|butter) it
  wipe
  fill (?:it |them )?and (?:eat|serve|enjoy)
  (?:split|cut|slice|tear|break) (?:(?:each|the|them|it|breads?|open|warm|hot) )*(?:(?:in half|along|at|through) )(?:(?:the|1|one|sides?|edge|middle) )*and (?:fill|stuff|serve|eat|butter)(?: (?:it|them))?(?: with)?
  (?:mark|score) a cross
  (?:divide|split|portion|share) the (?:\w+ )?(?:filling|stuffing|topping|cheese|mixture) > (?:\w+ )?(?:in)?to (?:{n}|equal|even|portions|balls)\b
  snip
  line (?:a|the|your) \w+
`;

export const SERVE = phrases`
  split(?: (?:them|it|open|warm|hot))*(?: and|,) (?:fill|stuff|serve|butter|eat)
  serve
  eat
  enjoy
`;
