import { phrases } from './phrases.ts';

/** What is done to make pieces, and with each of them before the griddle. */
export const BALL = phrases`
  (?:shape|form|make|roll) (?:up )?(?:in)?to {few}(?:balls?|boules?|buns)
  (?:shape|form|make) (?:{it} )?(?:as|like) (?:\w+ )?(?:buns|balls)
  spin (?:{it} )?under (?:a|your|the) (?:cupped )?(?:hand|palm)
  chafe
  (?:make|form|shape|roll) (?:[\w-]+ ){0,4}?(?:spheres?|globes?|marbles?)
  roll (?:{it} )?under (?:a|your|the) (?:cupped )?(?:hand|palm)(?: until \w+)?
  cup and roll
  make (?:{it} )?up (?:in)?to (?:{n} |(?:\w+ ){0,2}?)(?:rounds|balls)
  shape rounds
  (?<=\b[Dd]ivide )\d{1,2} balls
  balling
  take (?:an? )?[\w-]+-sized? balls?
  makes? (?!balls|rounds|buns|pieces)(?:[\w-]+, )(?:[\w-]+ ){1,2}{balls}
  (?:bring|pull|gather|draw|fold|tuck) (?:the |its |all the )?(?:corners|edges|sides|ends)(?: of {it})?(?: \w+){0,4}?(?:,? and|,) (?:turn (?:it )?over|flip|roll)(?: (?:it )?(?:over )?and roll)?(?: (?:it )?(?:smooth|round|(?:in)?to a(?: \w+)? ball))
  (?:shape|form|make) {it}(?: all)?(?: up)? (?:in)?to (?:\w+ ){0,2}?{balls}
  roll(?:ing)? the (?:pieces|dough) (?:in)?to (?:\d+ )?(?:\w+ )?{balls}
  (?<!\b(?:proof|prove|rise) )(?:into|to|in) (?:(?!(?:and|open|each|roll|press|flatten)\b)[\w-]+ ){0,3}?{balls}
  (?:break|pull|pinch|tear) off (?:[\w-]+ ){0,3}?{balls}
  (?:everyone|everybody|each \w+|they(?: each)?) gets? (?:about )?(?:one|two|three|four|a|\d) balls?
  (?:shape|form|makes?|made|roll(?! (?:out )?(?:each|every|the|one|a)\b))(?:ing(?! pin))? (?:[\w-]+ ){0,2}?{balls} !> (?:in)?to\b
  (?<!\bopen (?:each|every|the|a|1) )balls? (?:up|each|them|it)
  (?<=[,;] |\band )(?:round(?:ed|ing)|balled)
  shape (?:them |each )?into rounds(?=,? and (?:rest|leave|let)\b|, (?:rest|leave)\b)
  shape (?:it |them |each )?round(?= *(?:[,;.]|and\b))
  make (?:them|it|each) round
  (?:bring|pull|gather|draw|fold|tuck) (?:the |its |all the )?(?:corners|edges|sides) > (?:to|into|under|underneath|together|up)\b[^.;]*\b{balls}
  roll (?:{it} )?until (?:{it} (?:is |are ))?round
  round off
  mould(?: round| (?:in)?to balls)? !> {dough} (?:in)?to an? (?:\w+ )?(?:log|sausage|rope|rod|cylinder|snake|roll)
  roll(?:ing)? {it}(?: all)?(?: up)? (?:in)?to (?:\w+ ){0,3}?{balls}
  (?:bring|gather|tuck|work) {it}(?: all)?(?: up)? (?:in)?to (?:\w+ ){0,3}?(?:{balls}|rounds?)
  roll {it} round $
  roll {it} (?:up )?(?:nice and |nicely |quite |very )?smooth(?= *(?:[,;.(]|$|and (?:rest|leave|let|cover)\b))
  roll (?:{it} )?(?:between|in) (?:your |the )?(?:palms|hands)(?: until (?:they are |it is )?(?:round|smooth))?
  (?:tuck|pull|fold) the (?:edges|sides) under
  gather the edges (?:of {it} )?(?:up )?(?:in)?to(?:wards)? the (?:middle|centre)(?: and turn (?:it|them|each) over)?
  (?<=^|[,;/&] |\band )round(?= *(?:[.,;:/(\d]|$|at\b|with flour\b|into \d|and (?:\d|bench\b|rest|leave|let|cover|prove|proof)|loosely|lightly|gently|tightly))
  pre-?shape
  round (?:them|each|up|the (?:pieces|portions))
  (?:hand|mould) (?:them |it )?up(?: round)?
  (?<=^|[,;.] )\d{2,3} ?g balls
  (?<=^|[,;.] )balls? of > (?:about )?\d
  (?<=^|[;.] |\b[Tt]hen )(?:small|little|tight|equal|even|smooth) balls
  (?<=^|[;.] )balls(?= (?:the size of|as (?:big|large) as)\b)
  (?<=^|[,;.] )balls(?= (?:under|beneath|in|on|between) [^.;]*\b\d[\d.]* ?(?:min|h))
  (?<=(?:^|[;.] )[\w-]{1,20}-)sized balls
  (?<=^|[,;:.-] |\b(?:[Tt]hen|[Nn]ow|[Nn]ext|[Aa]bout|[Rr]oughly) )\d{1,2} (?:even |equal |small |little |tight |smooth )?balls(?= *(?:[,;.(]|@|of \d|~?\d{2,3} ?g\b))
  (?<=^|[,;/–&-] |\band |\bthen |\b[Tt]hey )balls?(?= *(?:[,;:/.(–-]|$|and\b|tight\b|tightly\b|loosely\b|\d{1,2}(?: ?min|$)|(?:at |@ ?)?\d{2,3} ?g\b))
`;

export const DIVIDE = phrases`
  (?<=^|[,;.] |\bthen )\d{2,3} ?g {pieces}
  (?<=^|[,;.] )(?:\d{1,3} )?(?:even |equal )?(?:parts|bits) (?:of|at) > (?:about )?\d{2,3} ?g\b
  (?<=^|[,;.] )\d{2,3} ?g(?= ?[,;] ?(?:round|ball|pat|press|roll|flatten|shape|stretch))
  (?<=^|[,;.] )(?:\d{1,3} )?(?:even |equal )?(?:pieces|portions|lumps) (?:of|at|@|à) > (?:about )?\d
  (?<=^|[;.] )\d{1,2} pieces(?= *[,;])
  (?<=, )\d{1,2} pieces(?=, (?:rest|\d{1,2} ?min)\b)
  (?<=^|[;.] |\b[Tt]hen |\bhands, )\d{1,2} (?:(?:even|equal|same) )?(?:pieces|portions)(?= *(?:\.|$))
  ^ \d{2,3} ?g (?:a piece|per piece|apiece) $
  (?<=^|[;.] )(?:pieces|portions):? > (?:about )?\d{2,3} ?g\b
  (?:the )?(?:pieces|portions|lumps) (?:are|weigh) > (?:about )?\d{2,3} ?g\b
  (?<=^|[;,/.] )(?:scale|cut)(?= *[;,/.(]| and round\b|: \d{2,3} ?g\b)
  (?:roll|shape|form|make|mould|work|turn) (?:out )?(?:{it} )?(?:in)?(?:to )?an? {few}(?:log|sausage|rope|rod|cylinder|snake|long roll)(?: [^.;,]{1,20})?(?:,? and(?: then)?|,? then|[,;]) (?:cut|slice|divide|chop|pinch|pull|break)(?: (?:it|this|that|off))?
  divid(?:es?|ing) !> the (?:filling|mixture|topping|cheese|stuffing)\b
  div
  cut (?:in(?:to)? )?an? cross(?= *(?:[.,;]|$)|,? (?:to (?:make|give|get)|for|so that|into) (?:you |there )?(?:\w+ )?(?:\d|quarters))
  cut out
  (?:stamp|punch) out
  (?:cut|stamp|punch) > (?:{n} )?(?:rounds|circles|discs)\b
  parted > into\b
  (?:scale|weigh) (?:off )?(?:into )?pieces > of \d
  weigh off > (?:at |into )?\d{2,3} ?g
  (?<=\b(?:everyone|everybody|each(?: of you)?|you|student|person) )weighs?(?: out| off)? > \d{2,3} ?g(?= (?:and|of dough|each)\b| *[.,;]| *$)
  weigh (?:into|at) > \d{2,3} ?g
  weigh (?:{dough} )?(?:out )?into > {n}
  (?:take|tear off|break off|pull off) an? (?:piece|lump|bit|knob)(?: of (?:the )?dough)?(?= (?:the size of|as (?:big|large) as|like) )
  (?:give|hand)(?: out)? (?:everyone|everybody|each \w+) (?:(?:a|one|two|\d) (?:pieces?|lumps?|portions?)|\d{2,3} ?g of (?:the )?dough|their (?:dough|pieces?))
  (?:weigh|scale|measure|count)(?: out| off)? > {n} (?:equal |even )?(?:pieces|portions|lumps)\b
  (?:section|partition|apportion|distribute) > (?:{dough} )?(?:in|into|to|between) {n}
  hand(?: out)? > (?:about )?\d{2,3} ?g (?:per|to (?:each|every)|each|a)\b
  get(?= {n} (?:pieces|portions|lumps) (?:out of|from)\b)
  scale(?: off)? > (?:(?:it|them|the dough) )?(?:at |to |in(?:to)? )?\d
  (?<!\b(?:each|every|the|per|one|a) )portion
  split !> (?:peas?|lentils?|gram|beans?)\b
  halve
  (?<=^|[,;.] )(?:cut|split) > {n}(?= *(?:[,;.]|$))
  (?<!\ba )quarter (?:it|them|each|the dough)
  cut (?:it|them) across
  (?:slice|cut|tear) (?:(?:{it}|{dough}) )?(?:in)?to (?:quarters|strips|wedges|halves)
  cuts? (?:(?:the )?dough|the (?:round|roll)|it|them) (?:in(?:to)?|up)
  (?:break|tear|pull|separate|part|slice|chop|cut) (?:it|them|this|(?:the|your) (?:\w+ )?(?:dough|roll|log|sausage|rope)) > (?:in)?to (?:{n}|quarters|{few}{pieces})
  (?:slice|chop|separate|break|tear|part) > (?:{dough} )?(?:in|into|to) {n}
  scaling > \d
  cut (?:in|to) > {n}
  cut > (?:{it} )?(?:up )?(?:in)?to (?:[\w-]+ ){0,3}?{balls}
  (?:cut|slice|divide) (?:each|every|both)(?: (?:one|round|piece|circle|disc|half|of them))? > (?:in)?to (?:{n}|quarters|halves|wedges)
  cut > (?:farls|wedges|triangles)\b
  cut (?:out|in(?:to)?) > (?:rounds|farls|squares|triangles)\b
  cut(?: (?:in)?to)? > \d{2,3} ?g (?:{pieces}|squares|rounds|rolls|rectangles|blocks|strips|oblongs|slabs)\b
  cut(?=(?: (?:it|the dough|pieces))?(?: at| (?:in)?to)? (?:about )?\d{2,3} ?g *(?:[.,;]|$|and (?:round|ball|roll|shape|pat|flatten)\b))
  cut > (?:(?:out|into) )?\d+(?:\.\d+)? ?cm (?:rounds|discs|circles|squares)\b
  share(?: it| the dough)?(?: out)? > (?:in(?:to)?|between)\b
  share (?:it |the dough )?out
  (?:form|cut|make) > \d{1,2} (?:\w+ )?(?:pieces|portions|lumps|lots)\b
  (?:break|pull|pinch|tear|cut) off
  take > (?:[\w-]+ )?(?:pieces|bits|lumps|portions)\b
  ^ (?:take|use|allow) > (?:about )?\d{2,3} ?g (?:of (?:the )?dough )?(?:for|per)\b
  weigh out > (?:the )?(?:dough|pieces|balls)
  weigh(?:ing)?(?: out| off)? > (?:about )?\d{2,3} ?g (?:pieces|balls|portions|lumps)\b
  cut (?:in|into|to) (?:quarters|\d+(?! ?(?:cm|mm|g|min))|(?:\w+ ){0,2}(?:pieces|portions))
`;

export const COIL = phrases`
  (?:roll|wind|twist|curl) (?:(?:it|them|this|each|the|every|your) )?(?:(?:strips?|pleats?|rope|one|sheet|length|log) )?(?:up )?(?:in)?to an? {few}(?:coil|spiral|snail|rosette)
  (?<!\b(?:[Rr]oll|[Ff]latten|[Pp]ress|[Pp]at|[Rr]est|[Ss]tretch|[Cc]over|[Cc]hill) (?:out )?(?:each|the|every|your|a|one|this) )coil
  (?:make|form|turn (?:{it} )?into) (?:an?|one) (?:\w+ )?(?:spiral|rope|snail|rosette)
  (?<!\bin a )spiral(?!,? (?:mixer|slow|fast|\d|out))
  snail
  roll (?:it |each |them )?up !> (?:the |its |both |all )?(?:(?:long|short|two) )*(?:edges|sides|rims?|borders?)\b|(?:in)?to (?:(?:[\w-]+ ){0,3}?(?:balls?|rounds?)|(?:about )?\d)
  wind (?:it|each)
  swiss roll
  roll {it} (?:in)?to an? (?:\w+ )?rope
  rope
`;

export const CLAP = phrases`
  clap !> (?:{it} )?(?:from (?:palm|hand)|(?:between (?:\w+ ){0,2}\w+|back and forth) (?:to|until|till) (?:\w+ ){0,3}?(?:thin|flat|wide|\d))
  crush
  scrunch
  fluff
`;

export const FILL = phrases`
  divide the (?:filling|mixture|topping|cheese|stuffing)
  sandwich {few}between
  (?:lay|put|place) (?:a|the|another) (?:second|other) (?:round|disc|one|piece) (?:on top|over)
  cover with (?:a second|another|the other|the second) (?:round|disc|one|piece)
  spoon (?:(?:in|on|over) )?(?:[\w-]+ ){0,5}?(?:filling|mixture|cheese|topping|mix|meat|sauce|onions)
  (?:press|dip) (?:{it} |the tops? |the tops of {it} )?(?:in)?to (?:the )?(?:seeds?|sesame|nigella)
  oil the tops?(?!,? (?:and )?cover| of the dough)
  press (?:in|on) > {few}(?:seeds?|sesame|onions?|herbs?|olives|nigella)\b
  (?<!\b(?:a|the) )dip (?:it |them |each )?(?:in|into) !> (?:\w+ )?flour\b
  add (?:an?|some|the|1) (?:(?:large|heaped|good|small|little) )?(?:spoon(?:ful)?|tablespoon(?:ful)?|portion|share|bit|ball|little) of (?:the |your )?(?:\w+ )?(?:filling|stuffing|mixture|cheese)
  add (?:the|some|your) (?:filling|stuffing)
  (?<=^|[;,.] )(?:the )?(?:topping|filling|stuffing)(?=,? (?:about )?\d+ ?g (?:on |in |for |per )?(?:each|a piece|piece)\b)
  (?<=^|[,;.] )(?:about )?[\d./½¼¾]+ (?:heaped |level |good )?(?:tbsp|tsp|tablespoons?|teaspoons?|spoons?|spoonfuls?) (?:of )?(?:the )?\w+(?: \w+)? (?:in|into) (?:each|the (?:middle|centre|center))
  (?<=^|[;,.] |\band )stuff(?= *[,;.]| (?:and|&) |$| (?:each|them|it)\b)
  (?:one |each )?half gets (?:the |its |some |a little )?(?:filling|stuffing)
  (?<=[,;] )(?:the )?(?:greens|filling|stuffing|cheese|meat|potato|mixture) on (?:one |1 |a )?half(?= *[,;.])
  (?:place|put|spoon|add) (?:filling|stuffing)(?= *(?:[,;.]|$|in\b|on\b|inside\b))
  (?<=^|[;.] )(?:the )?(?:[\w-]+ )?(?:vegetables?|toppings?|cheese|sauce|onions?|tomato\w*|herbs?) (?:over|all over|on top)(?= *[,;.])
  ^ (?:the )?filling (?:on|over|onto) (?:1|one|each|half|top)
  put in (?:an?|some|the|1) (?:(?:good|heaped|small) )?(?:spoon(?:ful)?|portion|bit|ball|share) of
  put (?:an?|some|the|1) (?:(?:good|heaped|small|big) )?(?:spoon(?:ful)?|tablespoon|ball|bit|portion) of (?:the |your )?(?:\w+ )?(?:in|inside)(?=[,;.]| and\b)
  (?:sprinkle|brush) (?:\w+ ){0,3}?with water and > (?:\w+ )?(?:seeds?|sesame|nigella|scatter|sprinkle|dip)\b
  (?:lay|place|strew|distribute|heap|spoon) (?:[\w-]+ ){1,4}(?:on|onto|over) (?:half|(?:1|one|each) half|half of (?:it|each|them))
  (?<=^|[,;.] )(?:[\w-]+ ){1,3}on (?:1|one|each) half
  cover (?:(?:1|one) )?half(?: of (?:it|each|them))? with
  (?:drop|heap|pile) (?:[\w.]+ ){0,7}?in(?:to)? the (?:middle|cent(?:re|er))
  enclose > (?:the|some)\b
  load > (?:{it} )?with\b
  \d+ g (?:of )?(?:the )?(?:\w+ )?(?:cheese|meat|mince|potato|spinach) each(?= *[,;.])
  coat(?: {it})? > with (?:\w+ )?(?:seeds?|sesame|nigella|oats)\b
  glaze(?: {it})? > with (?:\w+ )?(?:egg|milk|yog)
  roll (?:{it} )?in (?:the )?(?:\w+ )?(?:seeds?|sesame|nigella|oats)
  push (?:[\w-]+ ){1,3}into (?:the|each) (?:dough|tops?|rounds?|breads?|surface)
  (?:lay|place|arrange|strew|set) (?!the others?\b)(?:[\w-]+ ){1,4}on top(?! of\b)
  fill !> the\b
  \d+ g (?:of )?(?:the )?(?:filling|stuffing|mixture) (?:each|on (?:each|one half|half)|in(?:to)? each)
  (?<=[,;] )\d+ g (?:of )?(?:the )?(?:\w+ )?(?:cheese|filling|stuffing|mixture|potato|meat) in(?= *[,;.])
  (?<=[,;] )\d+ g (?:of )?(?:the )?(?:filling|stuffing)(?= *[,;.])
  (?<=\b(?:thin|out|flat)[,;] )(?:butter|oil|ghee)(?= *[,;])
  (?<=^|[,;] )(?:butter|oil|ghee)(?=, (?:fold|roll|coil|pleat))
  stuff > (?:the|each|them|it|with|every)\b
  dot (?:[\w-]+ ){0,3}?(?:with|over|on)
  cover (?:\w+ ){0,3}?with (?:the )?filling
  lay the others? on top
  spread (?!in(?:to)? (?:the|a) (?:\w+ )?(?:pan|tin|tray)\b|(?:the |some )?batter\b|(?:{it} )?(?:\w+[ -])?thin\b|(?:it |them )?(?:with the \w+ (?:very )?thin\b|with (?:the back|(?:a|the) (?:\w+ )?(?:rake|scraper|spreader|ladle|spoon|spatula|stick|knife)|(?:your |wet |oiled |floured )?(?:fingers|fingertips|hands))|thin\b|to (?:about )?\d|out\b))(?:[\w'’-]+ ){0,6}?(?:over|on|with|filling|topping|paste|sauce|mixture|butter|oil)
  (?:put|place|lay|drop|heap|pile|dollop|pop) (?:[\w.]+ ){0,5}?filling
  (?:place|lay) (?:the |some |a little )?filling
  press (?:the |some )?(?:\w+ )?(?:seeds?|sesame|nigella|onions?|herbs?) in
  (?:put|place|lay|set) (?:[\w.]+ ){0,7}?in(?:to)? the (?:middle|cent(?:re|er))
  put (?!(?:an?|1|one|the first|each) (?:\w+ )?(?:bread|chapatt?i|roti|naan|tortilla|flatbread|round|disc|wrap|pita) on it\b)(?:[\w.]+ ){1,8}?(?:on|onto) (?:each|top|it|one half|half)
  press (?:the |some |a few )?(?:\w+ )?(?:seeds?|sesame|onions?|herbs?|olives|coriander|nigella)(?: \w+)? (?:in)?to
  top one half
  top {it} > with\b
  cover (?:{it} )?with > (?:the |some |a little |grated |chopped |sliced )*(?:cheese|tomato\w*|sauce|lamb|minced|meat|mince|onions?|herbs|seeds|potato\w*|spinach|topping|filling|mixture|spice mix)\b
  wrap (?:it|{it}) around
`;

export const ROLL = phrases`
  (?<=\bthen )to > \d+(?:\.\d+)? ?cm\b
  (?<=^)out > to \d+(?:\.\d+)? ?cm\b
  (?:lay|spread|open|work) (?:\w+ ){0,4}?with (?:(?:a|the|your) )?(?:rolling )?pin
  (?:flatten|press|thin|open) (?:{it} )?(?:\w+ )?with (?:a|the|your) (?:\w+ )?(?:rolling )?pin
  (?:using|with|use) (?:a|the|your) (?:\w+ )?(?:rolling )?pin,?(?: to)? (?:flatten|press|open|make|roll|thin)
  roll(?:ing|s)? !> pin\b|(?:it |them |each )?(?:up )?into a cone\b|(?:them |it |each (?:one |ball )?)?in (?!to\b|a\b|between\b|half\b|one\b)
  pin out
  (?<=^|[;.] )rolling pin(?=:? (?:to )?\d)
  use (?:a|the|your) (?:rolling )?pin > to\b
  run (?:a|the|your) (?:rolling )?pin over
  (?:put|run|pass|send) (?:{it} )?through (?:a|the) (?:\w+ )?(?:sheeter|rollers?|pasta machine)
  (?<=^|[,;.] )pin > (?:{it} )?to (?:about )?\d
  (?:finish|continue|go on) with (?:an?|the|your) (?:\w+ )?pin
  (?<=^|[,;.] )sheet(?=: ?\d+(?:\.\d+)? ?(?:mm|cm))
  sheet > (?:to|out|[:–-]? ?\d+(?:\.\d+)? ?(?:mm|cm))
`;

export const SHAPE = phrases`
  spiral (?:it )?(?:outwards?|out)
  pour {few}(?:from|through|out of) (?:the |a |your )?(?:\w+ ){1,5}in (?:an? |1 )?(?:\w+ )?(?:lace|pattern|net|lattice|zig-?zag|squiggle)\w*
  ^ flat (?:as|like)
  (?:roll|turn|fold|pinch) (?:up )?(?:the |its |both |all )?(?:(?:long|short|two) )*(?:edges|sides|rims?|borders?|ends)(?: up)?(?=[,;.]| and\b)[^.;]*\b(?:boat|canoe|rim|wall)
  ^ pour > (?:about )?[\d½¼¾][^.;]{0,24}[,;] (?:and )?(?:spread|swirl|tilt)\b
  ^ pull $
  (?<=^|[;.] )\d{1,2} (?:patties|discs)(?= *(?:[,;(]|of\b|about\b|~?\d))
  (?:pat|slap|toss|throw|pass|flip)(?: {it})? > (?:from (?:palm|hand)|between (?:your |the )?(?:palms|hands)|back and forth)\b
  clap(?: {it})? > (?:from (?:palm|hand)|(?:between (?:\w+ ){0,2}\w+|back and forth) (?:to|until|till) (?:\w+ ){0,3}?(?:thin|flat|wide|\d))
  (?:open|push) (?:{it} )?out
  (?<=^|; )press(?= ?:? ?\d+ ?cm)
  use (?:a|the) (?:\w+ )?press
  (?:put|run|pass) (?:it |them |each )?through (?:a|the) (?:\w+ )?press
  ^ press > with (?:the|your) (?:fingertips|fingers|palms?|hands?)\b
  ^ squash > (?:flat|down)\b
  lean on (?:each|it|them) > with\b
  pull (?:{it} )?into > (?:ovals?|rounds?|discs?|tongues?|tears?|teardrops?)\b
  work (?:{it} )?outwards?
  (?:tease|ease|draw|coax|push)(?: {it})?(?: out)? > to (?:about )?\d+(?:\.\d+)? ?cm\b
  make (?:discs|circles|rounds) > of \d+(?:\.\d+)? ?(?:cm|mm)\b
  (?<=^|[;.] )(?:tortilla )?press, > \d+(?:\.\d+)? ?cm\b
  spread in(?:to)? (?:the|a) (?:\w+ )?(?:pan|tin|tray)
  pour (?:on |in )?(?:enough|some|a little) batter
  pour (?:in |on )?(?:about )?[\d./½¼¾⅓]+ (?:cups?|ladles?) (?:of )?(?:the )?batter
  shake flat
  (?:pour|tip|spread) (?:{it} |the batter )?(?:in|in ?to|between|among) (?:an? |the |\d{1,2} )(?:(?:\d{1,2} ?cm|[\w-]+),? ){0,4}(?:tins?|trays?|moulds?|dish(?:es)?)\b
  (?:pour|ladle|spoon|spread) (?:the |some )?batter (?:\w+ )?(?:on|onto|over) (?:the|a)
  pleat(?![^.;]*\bcoil)
  crimp
  fold (?:it |each |them )?in(?:to)? an? (?:triangle|square|letter|envelope|parcel|half-moon)
  fold (?:in )?(?:the |its )?(?:\w+ )?(?:sides|edges|corners) (?:in|over|up|to|into)
  roll (?:it |them |each )?(?:up )?into a cone
  (?:cut|make) a (?:small )?(?:hole|slit|cross|slash) !> in the (?:flour|(?:middle|centre)[^.]*\b(?:water|milk|liquid))
  (?<=^|[,;.] )(?:hand[- ]flat|flat by hand|by hand flat)(?:ten)?
  pat(?:ting)? !> of\b|(?:it |everything )?and bring\b
  flatten
  beat (?:\w+ ){0,2}?out
  (?:spread|stretch|press|pat) an? (?:ball|piece|portion|lump) (?:out|flat|into)
  press(?:ing)? (?!everything|it all|the (?:mixture|lot|crumbs))(?:\w+ ){0,3}?(?:out|flat|into)
  (?:squash|squish|squeeze|push|tease|coax|ease|stretch) {it} > (?:(?!together\b)[^.;,]*\b(?:flat|down|thin|out|discs?|circles?|rounds?|ovals?|with|under|between|press)\b|(?:in)?to an? (?!(?:\w+ ){0,2}dough\b))
  press(?:ing)? (?:\w+ ){0,5}?to > \d
  press {it} down > (?:with (?:a plate|your|the heel|wet|oiled)|in a|under|between)\b
  press {it} > (?:with (?:(?:your|wet|oiled|floured) (?:hands?|palms?|fingers)|the heel)|under|in a (?:\w+ )?press)\b
  press {it} (?:out )?(?:in)?to an?
  (?:press|pat) (?:out )?(?:in)?to an?
  press > between\b
  open (?:{it} )?(?:up )?by hand
  open (?:up )?{it} > [^.;,]*(?:\d|\bfinger|\bhand)
  (?:make|form) (?:flat |thin )(?:discs|rounds|ovals|patties|cakes)
  press(?:ing)?(?: \w+){0,3}? > \d+(?:\.\d+)? ?cm
  press (?:each|the balls?|one ball) > (?:ball |piece |one )?(?:in|between|with|on|to)\b
  press > (?:in|with|using) (?:a|the) {few}press\b
  stretch(?:ing)?(?! and (?:slap|squeeze)\b)
  shape
  form (?:\w+ ){0,4}?(?:into|cakes|discs|rounds|patties|flatbreads|ovals|tongues|teardrops)
  spread (?:it |them )?with (?:your |wet |oiled |floured )?(?:fingers|fingertips|hands)
  put (?:it |them |each )?in(?:to)? the (?:\w+ )?press
  (?<=^|[.;,] |\b(?:and|then) )ladle > (?:about |a |the |some |in |out |on |\d+ ?g )*(?:\w+ )?(?:batter|it|out|onto|on|enough|portions|of)\b
  (?<=^|[.;,] )(?:1|one|a) ladle(?:ful)?(?: of (?:the )?batter)? > (?:for|per|makes)\b
  ^ ladle $
  ^ spread $
  (?:swirl|tilt) (?:{it} |the (?:pan|batter) )?(?:\w+ )?to > (?:about )?\d
  (?:pour|put|use|spoon|scoop) (?:in |on |out )?(?:about )?\d+ ?g (?:of )?(?:the )?batter
  (?:spoon|ladle) (?:it |them )?(?:on ?to|into) (?:a|an|the|your) (?:[\w-]+ ){0,2}?{pan}
  (?:pour|ladle|spoon) (?:in |on |out |onto )?(?:about )?\d+ ?g(?=[,.;]| (?:and|in|into|on|onto|for|per|each)\b|$)
  spread {it} (?:\w+[ -])?(?:thin|out|flat)
  spread {it} with (?:a|the) (?:\w+ )?(?:rake|scraper|spreader|ladle|spoon|spatula|stick|knife)
  spread (?:with the back|thin|(?:it |them )?out)
  spread (?:it |them )?to > (?:about )?\d
  spread (?:\w+ )?ladle(?:ful)?
  pour (?:in |on |out )?(?:about )?(?:half|0\.5|a third|a quarter|1) (?:of )?the batter
  (?<=^|[;,.] )(?:about )?\d+ ?ml (?:of )?(?:the )?batter(?=, (?:swirl|tilt|spread)| (?:in|on|per)\b)
  pour in (?:about )?(?:half|a third|a quarter|some|enough|\d+ ?(?:ml|g)) (?:of )?(?:the )?batter
  drop (?:{it} )?by the (?:[\w./¼½¾]+ )?(?:cup|cupful|ladle\w*|spoon\w*|tablespoon\w*)
  drop (?:\w+ ){0,4}?(?:spoonfuls?|batter)
  pour (?:on |in |out )?(?:a |one )?(?:\w+ )?ladle\w*
  pour (?:[\w.]+ ){0,6}?(?:in|on)?to (?:a |the )?(?:\w+,? ){0,3}?(?:pan|griddle|skillet|hotplate|plate)
  seal
  pinch (?:\w+ ){0,3}?(?:shut|closed|together|up)
  fold (?!for \d|in(?:to)? (?:the (?:flour|batter|mixture)|\d+ ?(?:g|ml)\b))(?:\w+ ){0,4}?(?:in half|in thirds|in quarters|in [234]|to a|over|into|like(?![^.;]*\bcoil))
  trim
  dimple
  (?:poke|press) (?:all over|(?:the |each )(?:surface|top|whole|disc|round|bread)(?: all over)?) > (?:all over )?with\b
  (?:with|take) (?:a|the) (?:\w+ )?press\b
  pull (?:{it} |\w+ )?(?:out )?(?:in)?to > (?:\d|an?\b)
  pull {it} > (?:over|across|between|with) (?:your|the|an?)\b
  pull {it} (?:long|wide|thin)
`;
