import { remembered } from './remembered.ts';

/** What hands (or nobody) do in a piece of the method; `heat` and `serve` are read but are no steps. */
export type Action =
  | 'bloom'
  | 'rub'
  | 'scald'
  | 'mix'
  | 'knead'
  | 'knock'
  | 'fold'
  | 'rest'
  | 'proof'
  | 'chill'
  | 'temper'
  | 'divide'
  | 'ball'
  | 'shape'
  | 'roll'
  | 'fill'
  | 'coil'
  | 'cook'
  | 'finish'
  | 'clap'
  | 'heat'
  | 'job'
  | 'serve';

/** An action with where its words stand. */
export interface FoundAction {
  readonly action: Action;
  readonly at: number;
  readonly length: number;
}

/**
 * Words of each action, tried in this order at every place: the special before the general, so that "roll into balls" is balling and
 * "knock back and knead" is knocking back.
 */
const WORDS: readonly (readonly [Action, RegExp])[] = [
  [
    'heat',
    /\b(?:pre-?heat|heat|warm|get|put|place|set)(?:ing)? (?:up )?(?:a |an |the |your )?(?:\w+[ -]){0,3}?(?:pan|griddle|skillet|hotplate|hot plate|frying pan|stone|plate)\b(?! and| with oil)/gi,
  ],
  [
    'job',
    /\b(?:chop|melt(?! (?:\w+ )?(?:into|in)\b)|slice|grate|dice|peel|mince|warm the (?:milk|butter|oil)|warm (?:milk|butter|oil) (?=with|in\b|until|to\b)|crush (?:the |\w+ )?garlic|boil (?:the |\d+(?:\.\d+)? ?k?g (?:of )?)?(?:\w+ )?potato\w*|make the filling|soften the)\b/gi,
  ],
  [
    'bloom',
    /\b(?:(?<!the )froth\w*|(?<!the )foam\w*|activate|bloom|(?<!\b(?:cook|bake|fry|griddle)\b[^.;]{0,30})until (?:(?:it |they )?(?:is |are )?bubbl(?:y|ing)|(?:it|they) bubbles?))\b/gi,
  ],
  [
    'rub',
    /\bwork (?:in )?(?:[\w.]+ ){1,7}with (?:your |the )?(?:finger(?:tip)?s|cold hands)\b|\bcut (?:the )?(?:cold )?(?:butter|lard|fat|shortening) into\b|\bcut in (?=\d+ ?g\b|(?:the )?(?:cold )?(?:butter|lard|fat)\b)|\brub(?:bing)?\b(?: \w+){0,4}? (?:in|into|with)\b|\brub\b/gi,
  ],
  [
    'scald',
    /\bbring (?:\w+,? ){1,7}?to (?:the |a )?boil\b|\b(?:scald|pour (?:over |on |in )?(?:the )?(?:just-)?boil\w* water|add (?:the )?(?:just-)?boil\w* water|stir in (?:the )?(?:just-)?boil\w* water)\b/gi,
  ],
  ['knock', /\b(?:knock(?:ing)? (?:\w+ ){0,2}?back|punch(?:ing)? (?:\w+ ){0,2}?down|deflate|degas|knock the air)\b/gi],
  [
    'temper',
    /\b(?:(?:come|bring|back|return) (?:\w+ ){0,3}?to room temperature|lose its chill|let (?:it|them|the \w+) (?:warm|come) up(?= for\b)|come out (?=\d|of the (?:fridge|cold))|out of the fridge|from the fridge|take (?:it|them|the \w+) out|take out(?= *(?:[,;.]|of\b|\d|$)))\b/gi,
  ],
  [
    'chill',
    /\b(?:leave|put|place|keep|let|rest|cover|pop)\b(?:(?!\b(?:and|then)\b)[^.;]){0,45}?\b(?:fridge|refrigerator)\b|\b(?:chill|refrigerate|in(?:to)? (?:the|a) (?:fridge|refrigerator|cool box|cold room|cellar)|fridge)\b/gi,
  ],
  [
    'fold',
    /(?<=^|[,;/] |\b[Tt]hen |\band )folds?(?: (?:it|them|the dough))?(?:(?: again| once more| once| twice)(?= and\b)|(?: again| once more| once| twice| \d times)?(?= *(?:[,;/.]|$)))|\b(?:stretch(?:ing)? and fold(?:ing|s)?|(?:sets?|rounds?) of folds|(?<=^|[;.] )\d folds|(?<=^|[,;.] )fold (?=after \d)|fold the dough(?= in the (?:bowl|tub)\b| a few times\b)|fold (?:the dough|it|each side)(?: \w+){0,3} (?:over|onto|into|on) (?:itself|the (?:middle|centre|center))|give it (?:\w+ )?folds?)\b/gi,
  ],
  [
    'ball',
    /\b(?:\b(?:shape|form|make) (?:each|every|them|it|the (?:pieces|dough))(?: piece| one)? (?:in)?to (?:\w+ ){0,2}?balls?\b|\broll(?:ing)? the (?:pieces|dough) (?:in)?to (?:\d+ )?(?:\w+ )?balls\b|(?:into|to|in) (?:(?!and\b)[\w-]+ ){0,3}?balls?\b|(?:break|pull|pinch|tear) off (?:\w+ ){0,3}?balls?\b|\b(?:shape|form|makes?|made|roll(?! (?:out )?(?:each|every|the|one|a)\b))(?:ing)? (?:[\w-]+ ){0,2}?balls?\b|balls? (?:up|each|them|it)\b|(?<=[,;] |\band )(?:round(?:ed|ing)|balled)\b|\bshape (?:them |each )?into rounds(?=,? and (?:rest|leave|let)\b|, (?:rest|leave)\b)|\bshape round(?= *[,;.])|\bmake (?:them|it|each) round\b|\bround off\b|\bmould(?: round| (?:in)?to balls)?\b|roll(?:ing)? (?:each|every|them|it|one)(?: (?:piece|portion|one|of them))?(?: up)? (?:in)?to (?:\w+ ){0,3}?balls?\b|(?<=^|[,;/&] |\band )round(?= *(?:[.,;/(\d]|$|and (?:rest|leave|let|cover|prove|proof)\b|loosely|gently|tightly))|\bpre-?shape\b|\bround (?:them|each|up|the (?:pieces|portions))\b|\b(?:hand|mould) (?:them |it )?up(?: round)?\b|(?<=^|[,;.] )\d{2,3} ?g balls\b|(?<=^|[,;.-] )\d{1,2} (?:even |equal |small )?balls(?= *(?:[,;.(]|@|of \d))|(?<=^|[,;/–-] |\band )balls?(?= *(?:[,;:/.–-]|$|and\b|tightly\b|loosely\b|\d{1,2}(?: ?min|$)|(?:at |@ ?)?\d{2,3} ?g\b)))/gi,
  ],
  [
    'divide',
    /(?<=^|[,;.] )\d{2,3} ?g (?:pieces\b|portions\b)|(?<=^|[;.] )\d{2,3} ?g(?= ?, ?(?:round|ball))|(?<=^|[,;.] )(?:\d{1,3} )?(?:even |equal )?(?:pieces|portions) (?:of|at|@|à) (?=(?:about )?\d)|(?<=^|[;.] )\d{1,2} pieces(?= *[,;])|(?<=^|[;,/] )scale(?= *[;,/.])|\b(?:divid(?:es?|ing)|div|cut out|(?:stamp|punch) out|parted (?=into)|scale (?:off )?(?=(?:(?:it|them|the dough) )?(?:at |to |in(?:to)? )?\d)|portion|split|halve|quarter (?:it|them|each)|cut (?:it|them) across)\b|\bcuts? (?:(?:the )?dough|the (?:round|roll)|it|them) (?:in(?:to)?|up)\b|\bscaling (?=\d)|\bcut (?:(?:in|to) (?=\d+\b(?! ?(?:g|ml|kg|oz)\b))|(?:out |in(?:to)? )(?=(?:rounds|farls|squares|triangles)\b)|(?=\d{2,3} ?g (?:pieces|squares|rounds|rolls)\b))|\bshare (?:it |the dough )?(?:out )?(?=in(?:to)? |between )|\b(?:form|cut|make) (?=\d{1,2} (?:\w+ )?(?:pieces|portions)\b)|\b(?:break|pull|pinch|tear|cut) off\b|\btake (?=(?:\w+ )?(?:pieces|bits|lumps)\b)|\bweigh out\b(?= (?:the )?(?:dough|pieces|balls))|\bweigh(?:ing)? (?:out |off )?(?=(?:about )?\d{2,3} ?g (?:pieces|balls|portions|lumps)\b)|\bcut (?:in|into|to) (?:quarters|\d+(?! ?(?:cm|mm|g|min))|(?:\w+ ){0,2}(?:pieces|portions)\b)/gi,
  ],
  ['coil', /\b(?:coil|spiral|snail|roll (?:it |each |them )?up|wind (?:it|each)|swiss roll|rope)\b/gi],
  ['clap', /\b(?:clap|crush|scrunch|fluff)\b/gi],
  [
    'fill',
    /\b(?:fill(?! the)|\d+ g (?:of )?filling (?:each|on each|in each)|(?<=\b(?:thin|out|flat)[,;] )butter(?= *[,;])|stuff(?= (?:the|each|them|it|with|every)\b)|dot (?:\w+ )?with (?=(?:\w+ )?(?:butter|ghee|oil))|cover (?:\w+ ){0,3}?with (?:the )?filling|lay the others? on top|spoon (?:\w+ ){0,3}?(?:filling|mixture)|spread (?!with the back|thin|to \d|(?:it |them )?out)(?:\w+ ){0,6}?(?:over|on|with|filling|butter|oil)|put (?:\w+ ){0,4}?filling|(?:put|place|lay|set) (?:[\w.]+ ){0,7}?in(?:to)? the (?:middle|cent(?:re|er))|put (?:[\w.]+ ){1,6}?(?:on|onto) (?:each|top|it|one half|half)|top one half)\b/gi,
  ],
  [
    'roll',
    /\b(?:lay|spread|open|work) (?:\w+ ){0,4}?with (?:a|the) rolling pin\b|\broll(?:ing|s)?\b(?! pin\b| (?:them |it |each (?:one |ball )?)?in (?!to\b|a\b|between\b|half\b|one\b))|\bpin out\b|\bsheet (?=to|out|\d+(?:\.\d+)? ?(?:mm|cm))/gi,
  ],
  [
    'shape',
    /\b(?:pat(?:ting)?(?! of\b)|flatten|beat (?:\w+ ){0,2}?out|press(?:ing)? (?:\w+ ){0,3}?(?:out|flat|into|to(?= \d)|(?=\d+(?:\.\d+)? ?cm))|press (?:each|the balls?|one ball)(?= (?:ball |piece |one )?(?:in|between|with|on|to)\b)|stretch(?:ing)?|shape|form (?:\w+ ){0,2}?(?:into|cakes|discs|rounds|patties|flatbreads)|(?<=^|[.;,] |\b(?:and|then) )ladle (?=(?:about |a |the |some |in |out |\d+ ?g )?(?:\w+ )?(?:batter|it|out|onto|on|enough|portions|of)\b)|(?<=^|[.;,] )(?:1|one|a) ladle(?:ful)? (?:of (?:the )?batter )?(?:for|per|makes) |spread (?:with the back|thin|to (?=\d)|(?:it |them )?out)|pour in (?:half|a third|a quarter|some|enough|\d+ ?(?:ml|g)) (?:of )?(?:the )?batter|drop (?:\w+ ){0,4}?(?:spoonfuls?|batter)|pour (?:on |in |out )?(?:a |one )?(?:\w+ )?ladle\w*|pour (?:[\w.]+ ){0,6}?(?:in|on)?to (?:a |the )?(?:\w+,? ){0,3}?(?:pan|griddle|skillet|hotplate|plate)\b|seal|pinch (?:\w+ ){0,3}?(?:shut|closed|together|up)\b|fold (?!in(?:to)? (?:the (?:flour|batter|mixture)|\d+ ?(?:g|ml)\b))(?:\w+ ){0,4}?(?:in half|in thirds|in quarters|in [234]|to a|over|into|like)|trim|dimple|pull (?:\w+ )?(?:out )?(?=to \d))\b/gi,
  ],
  [
    'knead',
    /(?<!\bthe )\bknead(?:ing|s)?\b|\bwork well\b|\bwork (?:it|the (?:dough|paste|mass)|them) (?:(?:well|until|till|for|hard)\b|(?=\d))/gi,
  ],
  [
    'proof',
    /\b(?:(?<!\brest in )bulk(?: (?:ferment(?:ation)?|proof|rise))?(?= (?:in all )?(?:for )?\d| at (?:room|\d)|[,.;:]| *$)|prove|proof|(?<!bubbles )rise|rising|ferment(?:ation|ing|s)?|double[ds]?(?! cream)|doubl(?:ed|ing) in (?:size|volume|bulk)|grown? (?:by|to)|puffy)\b/gi,
  ],
  [
    'rest',
    /\bthe rest(?=:)|let (?:it|them|the (?:dough|balls|pieces)) have (?=(?:about |another )?\d+ ?(?:min|h)[^,.;]*(?:[,.;]|$))(?![^,.;]*\bsides?\b)|(?<!\bthe )(?<!remaining )\b(?:let (?:it|them) (?:go|be)\b|give (?:it|them|the dough) (?=(?:about |another |a good )?(?:\d|an?\b|overnight)(?![^,.;]*\bsides?\b)[^,.;]*\b(?:minutes?|mins?|hours?|h)\b)|lie(?= (?:for )?(?:an?|\d))|wait(?= (?:for )?(?:an?|another|\d))|sleeps?|leave (?:it|them) (?=a (?:while|bit))|rests?|resting|reposes?|relax|swell|keep(?: (?:it|them|the dough))?(?: aside)?(?= (?:\w+ ){0,4}?for \d+ ?(?:min|h))|stands?(?! mixer)|sit|let (?:it|them|the (?:dough|balls|pieces|batter)) (?!rise|prove|proof|double|ferment|cook|fry|bake|brown|toast|bubble|puff|char|colour|have)\w+ (?:and \w+ (?:up |down )?)?(?=for (?:about )?(?:\d+(?! ?s)|an?\b)))\b(?! of)|(?<=^|[,;/] )bench(?= (?:for )?\d)|\bleaves? (?:(?:it|them|the dough) )?(?=(?:for )?\d)|\b(?:leave|set) (?:\w+ ){0,3}?(?:aside|alone|covered|for|to cool|until|till|under|overnight|to stand)\b|(?<!\b(?:when|once|until|till)\b[^.;,]{0,20})\bcool (?:for|until|down|enough)\b|\bsoak\b|\bautolyse\b/gi,
  ],
  [
    'finish',
    /\b(?:brush(?! the (?:griddle|pan|skillet|plate|hotplate)\b)|drizzle(?! of)|sprinkle(?! (?:\w+ ){0,3}?with water\b)|scatter|rub with garlic|spread with(?! the back)|dab|smear|wrap|stack|pile(?= (?:them |it )?(?:up\b|in\b|under\b))|basket|(?<=^|[;.] )into (?:the|a) (?:\w+ )?(?:towel|cloth)\b|dust (?:(?:them|it) )?with (?=(?:\w+ )?(?:sugar|cinnamon|paprika|za)\b)|keep (?:\w+ ){0,2}?(?:warm|wrapped)|(?<=^|[,;.] )(?:butter|ghee|oil) on (?:top|both sides)\b|apply (?=(?:\w+ )?(?:ghee|butter|oil)\b)|butter (?=the tops?\b|the breads?\b|them\b|it\b|each\b)|keep (?:them |it )?(?:in|between) (?:a |the |\d )?(?:\w+ )?(?:towel|cloth)s?|(?<!the )top with|season with)\b/gi,
  ],
  [
    'cook',
    /\b(?:give (?:it|them|each(?: one)?) (?=[^,.;]*\b(?:a|per|each) side\b)|cooks?|fry|fries|roast(?:ing)? (?=on|in|each|for|until|over)|griddle (?=for|each|them|over|until|\d|the (?:wedges|breads?|rounds?|pieces)\b)|(?<=^|[;,./] )(?:plate|griddle|pan|tawa|tava|comal|saj|sac|stone|plancha) (?=\d+(?:\.\d+)? ?(?:min|s\b|sec|h\b))|(?<=^|[;,.] )griddle (?=with|under|on)|bake|toast|sear|lay (?:\w+ ){0,3}?(?:over|on|above) the (?:embers|coals|fire|grid|grate|grill)|brown (?=on|for)|grill (?=for|until|each)|lay (?:\w+ ){0,4}?(?:on|onto|in) (?:the |a )?(?:\w+ )?(?:pan|griddle|skillet)|(?:slap|throw) (?:\w+ ){0,3}?(?:on|onto|in) (?:to )?(?:the |a )?(?:\w+ )?(?:pan|griddle|skillet|tawa|comal|stone|plate|bakestone)\b|slap|dry-fry|turn (?!over and roll)(?:it |them |each )?(?:over|once|and)|flip)\b/gi,
  ],
  [
    'mix',
    /\b(?:(?:go|goes|went) in(?:to)? the (?:mixer|machine|bowl)|(?<!flours? )blend|mix(?:es)?|combines?|stirs?|whisk|beat|bring (?:it |everything |the dough )?together|come together|fold in(?:to)? (?=the (?:flour|batter|mixture)|\d+ ?(?:g|ml)\b)|add(?! (?:a|the|one) (?:flatbread|bread|round|piece|naan|roti|wrap)\b)|pour|(?<!flours? )blend|cream (?=(?:the )?(?:yeast|butter)\b)|work (?:\w+ ){0,3}?in(?:to)?|make a (?:soft |firm |rough )?dough|sift|sieve|tip(?! (?:it |them |the dough )?(?:out|onto))|incorporate|dissolve|crumble|mash|tip in|put the (?:flour|water|dry)|(?:put|place) (?!(?:the )?(?:dough|it|them|balls?|back|this|all)\b)(?:\w+,? (?:and )?){1,6}in(?:to)? (?:a|the) (?:\w+ )?(?:bowl|basin|dish|tub|jug)\b|wet it\b)\b/gi,
  ],
  ['serve', /\b(?:serve|eat|enjoy)\b/gi],
];

/** The actions of a text, in its order; where two claim the same words, the one first in the list has them. */
export const actionsIn = remembered((text: string): readonly FoundAction[] => {
  const found: FoundAction[] = [];
  for (const [action, pattern] of WORDS) {
    for (const m of text.matchAll(pattern)) {
      const [at, end] = [m.index, m.index + m[0].length];
      if (!found.some((f) => at < f.at + f.length && end > f.at)) found.push({ action, at, length: m[0].length });
    }
  }
  return found.sort((a, b) => a.at - b.at);
});
