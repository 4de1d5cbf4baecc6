/** "500 g flour; 300 g water; makes 8": how many, behind a list. */
export const FACT_BEHIND =
  /(?:[:;,–—-] ?(?:(?:that|this|it|which) )?|\(|\s)((?:makes?|yields?|gives|serves|enough for) (?:about )?(?:\d|(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\p{L}+teen|twenty|thirty|forty|a dozen)\b)[^;,.()]{0,30})\)?\.?$/iu;
/** "Resting time: 2 hours", and nothing more. */
export const TIME_IN_ALL =
  /^(?:\p{L}+(?:ing|ation)|rest|rise|proof|chill|prep|cook)(?: time)?:? (?:about )?[\d./½¼¾–-]+(?: to \d+)? ?(?:h|hrs?|hours?|min|mins|minutes?)(?: [\d]+ ?(?:min|mins|minutes?))?\.?$/iu;
/** "No fat, no sugar": what is not in it. */
export const LEFT_OUT =
  /^(?:no|without) \p{L}+(?: \p{L}+)?(?:(?:,| and| or|, and)? (?:no|without) \p{L}+(?: \p{L}+)?)*[.!]?$/iu;
/** A line in capitals that names a stage of the work, and no time of it. */
export const STAGE = /^\p{Lu}[\p{Lu} ’'&-]{2,30}$/u;

/** "Garlic butter (150 g butter + 4 cloves)", "za'atar + oil on top (4 tbsp za'atar, 6 tbsp oil)": a name, where it goes, and its list. */
export const TOPPING_IN_BRACKETS = /^(\p{L}[\p{L} +&'’-]{2,40}?)((?: goe?s?)? on top)? \(([^()]*\d[^()]*)\)\.?$/iu;
/** "3 min, turn, 2 min": both sides. */
export const TURNED =
  /\b(?:pan|griddle|tawa|tava|plate|plancha|saj|dome|comal|stone|skillet),? [^.]*\d[\d.]* ?(?:min|s\b|sec|['’])|\d ?(?:s|secs?|seconds?|min(?:ute)?s?),? (?:then )?(?:turn|flip)\b/i;
/** "Total 194 → for 30 breads at 120 g = 3600 g dough, flour 1856 g": what it comes to is no entry. */
export const IN_TOTAL =
  /^total\b[^:]*\d{2,}|^for \d[\d.]* ?k?g (?:of )?flour (?:that|this) (?:is|makes|gives) (?:about )?\d{1,3} \p{L}+ (?:at|of) \d{2,3} ?g\.?$/iu;
/** What nobody kneads in, told with its oil: "zaatar mix 80 g + olive oil 80 g". */
export const ON_TOP = /\b(?:za['’]?atar|dukkah)\b.*\boil\b|\boil\b.*\b(?:za['’]?atar|dukkah)\b/i;
/** "LEVAIN (8 h)". */
export const STOOD_IN_HEAD = /\((?:\d+(?:\.\d+)?(?:[-–]\d+)? ?(?:h|hrs?|hours?)|overnight)\)/i;
/** "Salt 6 g.", "Salt: 6 g, fine.": a name before its amount. */
export const ONLY_NAMED = /^\p{L}[\p{L} ]{1,25} [\d½¼¾][\d.,]* ?(?:k?g|m?l|tsp|tbsp|%)\.?$/u;
export const NAME_FIRST = /^\p{L}[\p{L} ]{1,25}[,:] (?:about )?[\d½¼¾⅓⅔⅛][^,;]{0,25}(?:, \p{Ll}+\.?)?$/u;
/** A stage that is an order: where its line does not say it again it is done. */
export const IMPERATIVE = /^(?:(?:BALL|ROUND|FOLD|DIVIDE|KNEAD)(?: UP)?|(?:[Rr]ound|[Bb]all|[Ff]old|[Dd]ivid)ing\.?)$/;
