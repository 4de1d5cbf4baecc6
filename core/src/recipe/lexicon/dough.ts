import { phrases } from './phrases.ts';

/** What is done before there are pieces, and beside. */
export const HEAT = phrases`
  (?:pre-?heat|heat|warm|get|put|place|set)(?:ing)? (?:up )?(?:a |an |the |your )?(?:(?!(?:in|on|into|onto)\b)\w+[ -]){0,3}?(?:pan|griddle|skillet|hotplate|hot plate|frying pan|stone|plate) !> and|with oil
`;

export const JOB = phrases`
  chop !> (?:{dough} )?(?:in(?:to)?|up)
  melt !> (?:\w+ )?(?:into|in)\b
  slice !> (?:(?:{it}|{dough}) )?(?:(?:in|into|to) )?(?:{n}|quarters|strips|wedges|halves)
  grate
  dice
  (?<!\b(?:a|the|your|wet|floured|wooden|baking|semolina|dusted) )peel !> (?:{it} |{dough} )?off\b
  (?<!\b(?:lamb|beef|pork|veal|turkey|chicken|meat|soya?|lean|of|g) )mince
  (?:warm the (?:milk|butter|oil)|heat the (?:milk|butter))(?: (?:and|with|in) (?:the )?(?:milk|butter|water|oil))?(?! and (?:cook|fry)\b)
  (?<!\bof |\d ?(?:ml|g|l) )warm (?:\d+ ?(?:ml|g) (?:of )?)?(?:milk|butter|oil)(?: and \w+)? > (?:with|in|until|to)\b
  crush (?:the |\w+ )?garlic
  boil (?:and mash |, peel and mash )?(?:the |[\d./½¼]+ ?(?:k?g|oz|lb) (?:of )?)?(?:\w+ )?potato\w*(?: until (?:tender|soft|done|cooked))?(?:(?:,| and|, and)? (?:then )?(?:peel|drain|mash|rice|cool|let (?:it|them) (?:dry|(?:go )?(?:cool|cold))|leave (?:(?:it|them) )?to (?:cool|go cold))(?: (?:it|them|well|down|while (?:hot|warm)))*(?=,| and\b| with\b|\.|;|$))*
  make the filling
  (?:mix|stir|combine|mash) (?:up )?(?:the |your )?(?:filling|stuffing|topping)(?: ingredients)?(?= *(?:[,;.]|$| and\b| well\b| together\b))
  salt (?:the )?(?!dough)\w+(?:,| and) (?:leave|wait|let {it} (?:stand|sit|drain))[^.;]*squeeze[^.;,]*
  soften the
  (?:soak|steep) (?:the |\d+ ?g (?:of )?)?(?:\w+ )?(?:oats|seeds?|raisins|currants|grains?|bulgur|linseeds?|flakes)
  toast (?:the )?(?:\w+ )?(?:seeds?|cumin|sesame|nuts|spices?|caraway)
  (?:blitz|whizz|liquidise) (?:the |all the )?(?:topping|filling|sauce|dip)
`;

export const BLOOM = phrases`
  (?<!the )froth\w*
  (?<!the )foam\w*
  activate
  bloom
  (?<=\b[Yy]east )wakes(?: up)?
  (?:prove|proof|activate|wake) (?:up )?the (?:\w+ )?yeast
  let the yeast (?:dissolve|soften|wake(?: up)?|soak)
  (?<!\b(?:cook|bake|fry|griddle|prove|proof|rise|ferment)\b(?:[^.;]|\.(?=\d)){0,70})until (?:(?:it |they )?(?:is |are )?bubbl(?:y|ing)|(?:it|they) bubbles?)
`;

export const RUB = phrases`
  (?:work|pinch) (?:the )?(?:cold |soft )?{fat} in(?:to)? > the (?:(?:\w+ )?flours?|dry)\b
  (?:work|blend) (?!(?:it|them|this|everything|all|outwards?)\b)(?:in )?(?:[\w.]+ ){1,7}with (?:your |the )?(?:finger(?:tip)?s|cold hands)
  cut (?:the |\d+ ?g (?:of )?)?(?:cold )?{fat} into
  cut in > (?:\d+ ?g(?! (?:pieces|portions|balls|lumps|each)\b|[.,;]|$)|(?:the )?(?:cold |vegetable )?{fat})\b
  crumble (?:the )?(?:cold )?{fat} into
  rub(?:bing)?(?: \w+){0,4}? (?:in|into|with)
  rubbed > together\b
  rub
`;

export const SCALD = phrases`
  bring (?:\w+,? ){1,7}?to (?:the |a )?boil
  scald
  scalded > with
  (?:pour|add|stir in)(?: over| on| in)?(?: the)? (?:just-)?boil\w* water
`;

export const KNOCK = phrases`
  knock(?:ing)? (?:\w+ ){0,2}?back
  knock(?:ing)? {it} down
  punch(?:ing)? (?:\w+ ){0,2}?down
  ^ (?:punch|knock)(?= *\.?$)
  deflate
  de-?gas
  knock the air
  (?:press|push|squeeze|squash|let|take|knock) (?:out )?(?:all )?the (?:air|gas)(?: out)?
`;

export const FOLD = phrases`
  ^ folds?(?: (?:it|them|the dough))?(?: again| once more| once| twice) > and\b
  ^ folds?(?: (?:it|them|the dough))?(?: again| once more| once| twice| \d times)?(?= *(?:[,;/.]|$))
  stretch(?:ing)? and fold(?:ing|s)?
  (?:sets?|rounds?) of folds
  (?<=^|[;.] )\d folds
  (?<=^|[,;.] )fold > (?:after|at) \d
  fold the dough > (?:in the (?:bowl|tub)|a few times)\b
  (?<=\b(?:min|mins|minutes|hour|hours),? )folds? (?:the dough|it|them)(?: again)?
  fold (?:the dough|it|each side)(?: \w+){0,3} (?:over|onto|into|on) (?:itself|the (?:middle|centre|center))
  give (?:it|the dough) (?:\w+ )?folds?
`;

export const KNEAD = phrases`
  (?<!\bthe )knead(?:ing|s)?
  (?:(?:use|by) the )?(?:slap|stretch|french)[ -]and[ -](?:fold|slap)(?: method)?
  slap (?:it|the dough) > (?:about|around|(?:down )?on(?:to)? (?:the|a) (?:\w+ )?(?:table|bench|board|worktop|counter|surface))\b
  massage
  squeeze and (?:fold|press|push|pull)
  (?<=^|[;.] )squ(?:ish|ash)(?=\W* \d+ ?min)
  does the kneading
  (?:bash|slam|throw|beat|bang|knock) (?:it|the dough)(?: about| around)? > (?:on the (?:bench|table)|for|about)\b
  work well
  work (?:until|till) > (?:it is |very )?(?:smooth|elastic|supple|silky)\b
  (?:pummel|thump) {it}
  (?:squeeze|pound) (?:it|the dough) > (?:(?!\band\b)[^.;,])*\bfor (?:about )?\d
  punch and squeeze
  punch !> (?:it |the dough )?(?:down|out|the air|rounds|circles|discs|holes)
  let the (?:\w+ )?(?:hook|mixer|machine) (?:turn|run|go) > [^.;,]*\bfor (?:about )?\d
  {time}(?:utes?)?['’]? of (?:hard |good |real )?work(?!\w| on\b)
  (?<=^|[;.] )(?:mixer|machine|hook)[,:]? (?:on )?(?:second|2nd|medium|high) speed(?=,? (?:for )?\d)
  (?:work|build) (?:up )?the gluten
  (?:manipulate|exercise|handle) {it} > [^.;,]*\bfor (?:about )?\d
  develop the gluten
  (?:push|pull|stretch|fold) and (?:push|pull|fold|turn|squeeze) > {it}[^.;,]*\bfor\b
  work {it} > [^.;,]*\bfor (?:about )?\d
  work (?:it )?to a (?:\w+,? ){0,2}(?:smooth|elastic|supple|silky)(?: \w+)? dough
  work (?:it )?to a (?:\w+ ){0,2}dough(?=,? (?:for |in )?(?:about )?(?:\d|an? min))
  work (?:it|the (?:dough|paste|mass)|them) (?:well|until|till|for|hard) !> it (?:forms|becomes|makes|is) a (?:\w+ )?dough
  ^ develop(?:ing|ment)? !> (?:the |its )?flavou?r
  ^ work > (?:(?:by hand|(?:with|on|in the (?:mixer|machine|bowl)\b)[^.;,]{0,40}?) )?(?:for )?(?:about |a good |another )?\d+ ?min
  work (?:it|the (?:dough|paste|mass)|them) > (?:by hand|(?:with|in|on low|on medium|on slow) [^.;,]*\d ?min|(?:about |a good )?\d|on (?:the|a) (?:\w+ ){0,2}?(?:bench|table|board|surface|worktop))
`;

export const MIX = phrases`
  (?:sprinkle|scatter|crumble) (?:in )?(?:the |\d+ ?g (?:of )?)?(?:\w+ )?yeast (?:over|on|onto|into|in)
  (?:go|goes|went) in(?:to)? the (?:mixer|machine|bowl)
  (?:everything|all(?: of it)?|the lot) in(?:to)? the (?:mixer|machine|bowl)
  (?:everything|all|salt|water|yeast|oil|ingredients) (?:is|are|gets?|was|were) mixed
  (?<=^|\bby )mixing > (?:everything|all|the|flour|\(\d)
  (?<!flours? |\b(?:gluten-free|free|grain|corn|seed|GF) )blend
  (?<!\b(?:the|this|that|gluten-free|free|flour|corn|grain|rice|flatbread|GF|gf|butter|oil|spice|seed|herb|cheese|bread|cake|za['’]?atar|dukkah|nut) )mix(?:es)? !> of\b
  (?<!\b(?:just|only) to )combines?
  stirs?
  (?:thin|loosen|let down|slacken) (?:it|them|the (?:\w+ )?batter)(?: down| out)? with
  (?:loosen|slacken) with
  whisk
  moisten > with\b
  blitz
  grind > (?:with|all|everything|it all|them|it|together|to an?|the (?:\w+ )?(?:rice|dal|lentils|grain|batter))\b
  whizz
  beat
  bring (?:it |everything |the dough )?together
  worked in(?:to)?
  (?:bring|gather|press|pull|squeeze|draw) (?:everything|it all|the (?:mixture|lot|crumbs)) (?:together )?(?:in)?to
  come together
  squi?s[hk] > (?:it|everything|it all|the lot)? ?(?:together|(?:in)?to a (?:\w+ ){0,2}dough)\b
  fold in(?:to)? > (?:the (?:flour|batter|mixture|vegetables|onions?|cheese|herbs|spinach|coriander|seeds|egg whites?|rest)|\d+ ?(?:g|ml))\b
  add !> (?:a|the|one) (?:flatbread|bread|round|piece|naan|roti|wrap)\b
  pour
  (?<=\b[Tt]hen )goe?s? in > (?:\d|an?\b|half\b)
  cream > (?:the )?(?:yeast|butter)\b
  work (?:\w+ ){0,3}?in(?:to)?
  make (?:it |them |this |all |everything )?(?:up )?into (?:an?|the) (?:\w+ ){0,2}(?:dough|batter|paste)
  make (?:a|the) (?:\w+ )?(?:dough|batter|paste|poolish|sponge|biga|preferment|levain)
  sift
  sieve
  tip(?!:) !> (?:it |them |the dough )?(?:out|onto)\b
  incorporate
  bind > (?:it )?(?:with|together)\b
  ^ work > (?:the )?(?:flours?|water|everything|all)\b
  work (?:it )?to a (?:\w+ ){0,2}dough
  work (?:the )?(?:flour|masa|meal|semolina)(?:,? \w+){0,2}(?: and|,) (?:\w+ ){1,2}with (?:your |the )?(?:hands?|fingers|fist)
  dissolve
  crumble
  (?<!\b(?:[Cc]hill|[Cc]ool|[Tt]he|[Cc]old|[Ww]arm|[Hh]ot|[Yy]our|of|[Pp]otato) )mash
  put the (?:flour|water|dry)
  (?:put|place) (?!(?:the )?(?:dough|it|them|balls?|back|this|all)\b)(?:\w+,? (?:and )?){1,6}in(?:to)? (?:a|the) (?:\w+ )?(?:bowl|basin|dish|tub|jug)
  wet (?:it|up|with)
  ^ wet(?=,)
  ^ (?:(?:the )?(?:water|milk|liquids?)|(?:the )?(?:salt|butter|oil|ghee|fat|lard|rest)(?: and (?:salt|butter|oil|fat))?) in(?: (?:in \d|bit by bit|little by little|gradually)(?: (?:goe?s|lots|parts|stages))?)?(?= *(?:[,;.]|$|until\b|till\b))
  squid?ge?(?: (?:it|everything|it all))?(?: (?:together|about|around))?(?= *[,;.:]| (?:for )?\d| until| till)
  ^ (?:all|everything) (?:goes |go )?in(?:to)? (?:a|the|1|one) (?:\w+ )?bowl
  (?<=^|[.;,] )[Aa]ll in(?= *[,.;:]| (?:and|then) )
  (?<=^)[Ee]verything(?: else)?(?: (?:in|goes in))?(?= *\.?$)
  (?<=^|[.;,] )(?:everything|all(?: of it)?|the lot) together(?= *[,;.:])
  amalgamate
  ^ run the (?:mixer|machine) > [^.;,]*\bfor (?:about )?\d
  unite > (?:everything|all|the)\b
  (?:hydrate|moisten) the (?:\w+ )?(?:flours?|meal|semolina|masa)(?: \w+)? with
  ^ (?:form|assemble|prepare|make up|do) (?:an?|the) (?:\w+ )?(?:dough|batter) !> (?:balls?|pieces?|in|into)\b
  trickle in
  turn (?:the ingredients|everything|it all|all of it) into an? (?:\w+ )?(?:dough|batter)
  rain in > (?:the )?(?:\w+ )?(?:meal|flour|semolina|masa|polenta)\b
`;
