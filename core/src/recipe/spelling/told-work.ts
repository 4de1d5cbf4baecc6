import { FRACTION_SIGNS } from '../number-words.ts';
import type { Spelling } from './rule.ts';

const secondsOf = (n: string, unit: string): number => (/^an?$/i.test(n) ? 1 : Number(n)) * (/^m/i.test(unit) ? 60 : 1);

/** Work with its times, pieces and sides as somebody tells it, in the words of what is to be done. */
export const WORK_TOLD: readonly Spelling[] = [
  // "Fold every 20 min, 3 times.", where no other time is told: so long it lies before each
  [
    /^(?:stretch and )?folds? (?:it |the dough )?every (\d{1,2}) ?min(?:ute)?s?,? \(?([2-5]) times\)?(?=\.?$)/i,
    (_, min = '', times = '') => Array.from({ length: Number(times) }, () => `rest ${min} min, fold`).join(', '),
  ],
  // "fold the dough twice, 30 minutes apart"
  [
    /\b((?:stretch and )?fold(?: (?:it|the dough))?) (twice|2 times|3 times|three times),? (?:(?:with )?(\d{1,2}) ?min(?:ute)?s? (?:apart|between(?: them)?|in between))(?=[.;,]|$| )/gi,
    (_, fold = '', many = '', min = '') =>
      [fold, ...(/^(?:3|th)/i.test(many) ? [fold, fold] : [fold])].join(`, rest ${min} min, `),
  ],
  // "2 h, fold each 30 min"
  [
    /(?<=^|[.;] )((?:about )?\d+(?:\.\d+)? ?(?:h(?:ours?)?|min(?:ute)?s?)),? (?:with )?(?:a )?(?:stretch and )?folds? (?:each|every) (\d{1,2}) ?min(?:ute)?s?(?= *(?:[.;,]|$))/gi,
    'fold every $2 min for $1',
  ],
  // "30 min, fold, 30 min, fold": nobody folds so long
  [
    /(?<=^|[.;] )((?:about )?\d+(?:\.\d+)? ?(?:min(?:ute)?s?|h(?:ours?)?)),? (?:then )?(?=(?:a )?(?:stretch and )?fold\b)/gi,
    'rest $1, ',
  ],
  // "Palline / 10 balls of 160 g"
  [/^\p{L}{3,} \/ (?=\d{1,3} (?:balls|pieces)\b)/iu, ''],
  // "cut 8 pieces a 100 g"
  [/(?<=\d (?:(?:dough )?pieces|balls|pcs)) (?:a|at) (?=(?:about )?\d[\d.,]* ?k?g\b)/gi, ' of '],
  // "give it a good 8-minute knead", "give the dough a knead for 8 minutes"
  [
    /\bgive (?:it|them|the (?:dough|balls|pieces)) an? (?:(?:good|quick|short|long|proper|gentle|light|final|further) )*(\d+(?:\.\d+)?)[- ](min(?:ute)?s?|h(?:our)?s?) (knead|mix|rest|proof|prove|rise|stir)\b/gi,
    (_, n = '', unit = '', work = '') => `${work} for ${n} ${unit}`,
  ],
  [
    /\bgive (?:it|them|the (?:dough|balls|pieces)) an? (?:(?:good|quick|short|long|proper|gentle|light|final|further) )*(?=(?:knead|mix|stir)\b)/gi,
    '',
  ],
  [/(?<=^|[,;] )(\d+(?:\.\d+)? ?(?:h|min(?:ute)?s?)) \p{L}+ ?\/ ?(rest|proof|knead|mix)\b/giu, '$2 $1'],
  [
    /(?<=\b(?:balls?(?: (?:@|of|at) ?\d{2,3} ?g)?|round(?:ed)?(?: (?:them|each|it|all))?(?: up| with flour)?)[;,] )(\d{1,3}) ?(min(?:ute)?s?|hours?)(?= (?:on (?:the|a) (?:bench|board|table|tray|cloth)|under|covered|at room|in the|in a)\b|[,;.]|$)/gi,
    'rest $1 $2',
  ],
  // "seven or eight minutes one side, the same the other"
  [
    /(?<=\d ?(?:s|secs?|seconds?|min(?:ute)?s?)) (?:on |for )?(?:1|one|the first) side(?:,| and) (?:the same|as (?:much|long)|ditto)(?: (?:on|for))? the (?:other|second)(?: side| one)?\b/gi,
    ' each side',
  ],
  // "3 min one side 2 min the other", "a minute on the first, half on the second"
  [
    /(?<=\d ?(?:s|secs?|seconds?|min(?:ute)?s?)) (?:on |for )?(?:1|one|the first)(?: side)?,?(?: and| then)? (?=(?:about )?\d[\d.]* ?(?:s|secs?|seconds?|min(?:ute)?s?) (?:on |for )?(?:the )?(?:other|second)\b)/gi,
    ', turn, ',
  ],
  // "ten minutes on the bench, by hand"
  [
    /(?<=^|[.;] )(?:about )?(\d+(?:\.\d+)?(?: ?[-–] ?\d+)? ?min(?:ute)?s?) on (?:the|a|your) (?:\p{L}+ )?(?:bench|table|board|worktop|counter|surface),? (?=by hand\b|(?:until|till) (?:it|the dough)(?: is|['’]s)? (?:smooth|elastic|silky|supple|stretchy|bounces|springs))/giu,
    'knead $1 ',
  ],
  // "press 20 cm / 200 °C 1.5 s": a heated press cooks nothing
  [/\b(press:? (?:to )?\d{1,2} ?cm) ?[/,] ?(?=\d{3} ?°[CF]? ?,? ?\d(?:\.\d)? ?s\b)/gi, '$1 at '],
  // "fold 4x every 30 min, bulk 4 h total"
  [
    /\b(?:stretch and )?fold (?:it |the dough )?(\d) ?(?:x|times),? every (\d{1,2}) ?min(?:ute)?s?,? (?:and )?(bulk|proof|prove|rise)(?: for)? (\d+(?:\.\d+)?) ?h(?:ours?)?(?: (?:in )?(?:total|all))?/gi,
    (_, n = '', every = '', ...[stage = '', h = '']: string[]) =>
      `${stage} ${h} h with folds at ${Array.from({ length: Number(n) }, (_none, i) => (i + 1) * Number(every)).join(' and ')}`,
  ],
  // "tight dough, 8 min": it is kneaded so
  [
    /(?<=^|[.;] )((?:tight|stiff|firm|soft|smooth|silky) dough), (?=(?:about )?\d{1,2} ?min(?:ute)?s?\b)/gi,
    'knead to a $1, ',
  ],
  // "swirl, lid, 3 min"
  [/\b(swirl|tilt)(?: it)?, (lid(?: on)?|covered), (?=(?:about )?\d)/gi, '$1, cook with $2, '],
  // "stir with a fork to make a ball": a dough in one lump
  [
    /\b((?:stir|mix)(?: (?:it|this|everything|well|quickly|(?:up )?with (?:an? |the |your )?\p{L}+))*) (?:to make|to form|until (?:it|you|the dough) (?:makes?|forms?|have|becomes?|comes? together (?:in)?to)) an? (?:\p{L}+ )?ball(?=[,;.]|$| and\b)/giu,
    '$1 to a dough',
  ],
  // a ladle of batter with its time lies on the plate
  [
    /\b(an?|1) (ladle(?:ful)?)( \([^)]*\))? of (?:the )?batter, (?=(?:about )?\d[\d.]*(?: ?[-–] ?\d+)? ?(?:min|s\b|sec))/gi,
    'pour in $1 $2$3 of batter, cook ',
  ],
  // "scale into twelve at about a hundred and forty-five"
  [
    /\b((?:scale|divide|cut|weigh|portion)[^.;\d]{0,20} \d{1,2} (?:pieces )?(?:at|of) (?:about |around )?)(\d{2,3})(?! ?(?:g|°|%|cm|mm|min|s)\b|[.,]?\d)/gi,
    '$1$2 g',
  ],
  [/(?<=\b(?:pat|roll|press|stretch|flatten)[^.;\d]*)\b([1-4]\d) across\b/gi, '$1 cm across'],
  // "weigh out 16 (they come out about 85 g)"
  [/\bweigh (?:out|off) (\d{1,2})(?![.,]\d)(?= *(?:[,;.(]|$))/gi, 'divide into $1 pieces'],
  [
    /(?<=\d pieces) \((?:they|these|that|which) (?:come|weigh|work|is|are)\w*(?: out)?(?: (?:at|to|as))? (?=(?:about |~ ?)?\d{2,3} ?g\))/gi,
    ' (about ',
  ],
  [/(?<=\d pieces \(about )about /gi, ''],
  // "roll one out to 20 cm": each of them
  [
    /\b(roll|press|pat|stretch|flatten|spread) (?:one|1) (?=(?:out|flat|thin|thinly|to|with|into|between)\b)/gi,
    '$1 it ',
  ],
  // "two stretch-and-folds, 30 min apart": between them the dough rests
  [
    /(?<=^|[;,.] )(?:do |give it |then |make )?(\d)(?: (?:sets?|rounds?) of)?(?: stretch[- ]and)?[- ]folds?,? (?:about )?(\d{1,2}) ?min(?:ute)?s? apart(?= *(?:[;,.]|$))/gi,
    (_, n = '', every = '') => Array.from({ length: Number(n) }, () => 'fold').join(`, rest ${every} min, `),
  ],
  // "fold it twice, half an hour apart", "fold 3 times at 30 minute intervals"
  [
    /(?<=^|[;,.] )(?:stretch and )?fold (?:it |the dough )?(?:(twice)|(\d) ?(?:times|x)),? (?:(?:about )?(\d+(?:\.\d+)?) ?(min(?:ute)?s?|h(?:ours?)?) apart|(?:at |in )(\d+)[- ](min(?:ute)?s?) intervals|(?:with )?(\d+) (min(?:ute)?s?) between)(?= *(?:[;,.]|$))/gi,
    (_, twice = '', n = '', ...times: (string | undefined)[]) => {
      const [every = '', unit = ''] = times.slice(0, 6).filter((t) => t !== undefined);
      return Array.from({ length: twice === '' ? Number(n) : 2 }, () => 'fold').join(`, rest ${every} ${unit}, `);
    },
  ],
  // "every 20 minutes give it a fold, three times in all"
  [
    /(?<=^|[;,.] )(?:then )?every (\d{1,2}) ?(min(?:ute)?s?),? (?:(?:give|do) (?:it |the dough )?a )?(?:set of )?(?:stretch and )?folds?(?: it| the dough)?,? (\d) times(?: in all| altogether)?(?= *(?:[;,.]|$))/gi,
    (_, every = '', unit = '', n = '') =>
      Array.from({ length: Number(n) }, () => `rest ${every} ${unit}, fold`).join(', '),
  ],
  // "bulk 90 min with 2 folds (30, 60)"
  [
    /\bwith (?:\d|two|three|four) (?:sets of )?(?:stretch and )?folds?,? \((?:at |after )?((?:\d{1,3}(?:, ?| and | ?\/ ?)){1,4}\d{1,3})(?: ?min(?:ute)?s?)?\)/gi,
    (_, moments = '') => `with folds at ${moments.replace(/, ?| ?\/ ?/g, ' and ')}`,
  ],
  // "three folds: 20/40/60 min": when each of them is
  [
    /(?<=^|[;.] )(\d) (?:stretch and )?folds?:? (?:at |after )?((?:\d{1,3}(?: ?min(?:ute)?s?)?(?: ?[/,] ?| and )){1,5}\d{1,3}) ?min(?:ute)?s?(?= *(?:[;.]|$))/gi,
    (all = '', n = '', told = '') => {
      const moments = told.match(/\d+/g)?.map(Number) ?? [];
      const isInOrder = moments.length === Number(n) && moments.every((m, i) => i === 0 || m > (moments[i - 1] ?? 0));
      return isInOrder ? moments.map((m, i) => `rest ${m - (moments[i - 1] ?? 0)} min, fold`).join(', ') : all;
    },
  ],
  // "rest 15 under a damp cloth"
  [
    /\b(rest|prove|proof|rise) (\d{1,3})(?= (?:under|covered|beneath|in (?:a|the)|on (?:a|the)|at room|as balls|in balls)\b)/gi,
    '$1 $2 min',
  ],
  // "13:30 fold 1", "fold no. 2"
  [/^(?:stretch and )?folds? (?:no\.? ?|number |# ?)?[1-6](?=\.?$)/i, 'fold'],
  // "front back 30 seconds"
  [
    /\b(?:front (?:and )?back|both faces|top (?:and )?bottom),? (?:for )?(?=(?:about )?\d[\d.]* ?(?:s|secs?|seconds?|min(?:ute)?s?)\b)/gi,
    'each side ',
  ],
  // "In six."
  [/^in (\d{1,2})(?: (?:pieces|balls|parts|equal parts))?(?=\.?$)/i, 'divide into $1 pieces'],
  // "rest 60 @ RT", "fridge 30"
  [
    /\b(rest|proof|prove|rise|bulk) (\d{1,3}) ?(?:@|at) ?(?:RT|room temp(?:erature)?)\b/gi,
    '$1 $2 min at room temperature',
  ],
  [/(?<=^|[,;.] )(fridge|freezer) (\d{1,3})(?= *(?:[,;.]|$))/gi, '$1 $2 min'],
  // "a minute top and bottom"
  [/(?<=\d ?(?:s|secs?|seconds?|min(?:ute)?s?)),? (?:for |on )?(?:top and bottom|front and back)\b/gi, ' each side'],
  // "one minute, upside down, one minute"
  [
    /(?<=\d ?(?:s|secs?|seconds?|min(?:ute)?s?)),? (?:then )?(?:(?:and )?(?:invert|reverse)(?: it| them)?|upside down),?(?: for)? (?=(?:about |another )?\d)/gi,
    ', turn, ',
  ],
  // "don't touch them for 20 minutes"
  [/\b(?:do not|don['’]t) touch (it|them|the \w+) (?=for |until |till )/gi, 'leave $1 alone '],
  // "give it two minutes, flip"
  [
    /\bgive (?:it|them|each) ((?:about )?\d[\d.]* ?(?:s|secs?|seconds?|min(?:ute)?s?)),? (?:and )?(?:then )?(flip|turn)\b/gi,
    'cook $1, $2',
  ],
  // "give it 40 seconds, turn it, give it 30"
  [/(\d+) (seconds?|minutes?)([^.]*?\bgive it \d+)(?=,| and\b|\.(?!\d))/gi, '$1 $2$3 $2'],
  // "1 minute and 45 seconds on the other side": two sides, and not one time
  [
    /\b(\d+ min(?:ute)?s?) and (\d+ ?s(?:ec(?:ond)?s?)?)(?= (?:on the (?:other|second)|after turning|once turned))/gi,
    '$1, turn, $2',
  ],
  // "8 balls: 10 minutes under a cloth"
  [/(?<=^\d{1,2} balls(?: of \d{2,3} ?g)?):(?= (?:covered|rest|under|about \d|\d+ ?min))/gi, ';'],
  // "a minute, turn, another 45": seconds, as nobody cooks a side for so many minutes
  [
    /\b(1|an?) minute,? (turn|flip|over),? (?:another |a further )?(\d{2})(?: more)?(?=\s*(?:[;,]|\.(?!\d)|$))/gi,
    '$1 minute, $2, $3 seconds',
  ],
  // "rest 20 minutes, … and leave them for another 20": in the measure that was told last
  [
    /(?=for |another |a further )(?<=\b\d+(?:\.\d+)? ?(seconds?|secs?|s|minutes?|mins?|min)\b[^.]*?)(?<!\b(?:enough|makes?|serves?|recipe|dough|list|amounts?|divide|portions?) )\b(for (?:another |a further )?|another |a further )(\d{1,2})(?=\s*(?:[;,]|\.(?!\d)|$))/gi,
    (_, unit = '', lead = '', n = '') => `${lead}${n} ${unit}`,
  ],
  // "30 min later work these in"
  [/(?<=^|[;,.] )(?:about )?(\d+(?:\.\d+)? ?(?:min(?:ute)?s?|h(?:ours?)?)) later,? (?=\p{Ll})/giu, 'rest $1, '],
  // "3 folds in first 90 mins, fridge": the dough stands out for so long
  [
    /\b(\d) (?:sets of )?folds? in (?:the )?first (\d{2,3}) ?min(?:ute)?s?,? (?:and |then )*(?=(?:into |in |to )?(?:the )?(?:fridge|cold)|chill)/gi,
    (_, n = '', whole = '') => {
      const moments = Array.from({ length: Number(n) }, (__, i) =>
        Math.round(((i + 1) * Number(whole)) / (Number(n) + 1)),
      );
      return `proof ${whole} min with a fold after ${moments.join(', ')} min, `;
    },
  ],
  // "they get 250 g each, cut in 2"
  [
    /(?<=^|[;.] )(?:they|each|everyone|everybody)(?: \p{L}+)? gets? (\d{2,3}) ?g(?: each)?,? (?:and )?(?:cuts?|divides?|splits?) (?:it |that )?in(?:to)? (?:2|half|halves)\b/giu,
    (_, g = '') => `divide into pieces of ${Number(g) / 2} g`,
  ],
  // "yeast, sugar, 100 g of the water: 10 min"
  [
    /^((?:(?:dry|dried|fresh) )?yeast(?= ?[,+&]| and )[^.:;]*\b(?:water|milk)\b[^.:;\d]*?)(?::| -)? (?=\d+ ?min\w*\.?$)/i,
    'dissolve $1; stand ',
  ],
  [/\b(rest|knead|prove|proof) again,? (\d{1,3})(?= *(?:[,;.]|$))/gi, '$1 again $2 min'],
  // "…, 45, flip, press till it puffs (15)"
  [/(?<=\d ?(?:s|secs?|seconds?)\b[^.()]*\b(?:flip|turn)\b[^.()]*) \((\d{1,2})\)/gi, ' $1 seconds'],
  // "intermediate proof: 20 min, balls"
  [
    /(?<=^|[,;.] )((?:(?:intermediate|bench|final) )?(?:proof|rest)):? (\d{1,3} ?min(?:ute)?s?),? (?:as |in )?balls(?=[.;]|$)/gi,
    'balls, $1 $2',
  ],
  // "10 pieces of 140 g, rounds, 10 min"
  [/(?<=\bpieces of \d{2,3} ?g[,;] )(?:rounds|balls)[,;] (?=\d{1,2} ?min(?:ute)?s?\b)/gi, 'balls, rest '],
  // "9 cm x 1.5 cm", "12 cm x 8 mm": across, and how thick
  [/\b(\d{1,2}(?:\.\d)?) ?cm [x×] (\d{1,2}) ?mm\b/gi, '$1 cm, $2 mm thick'],
  [/\b(\d{1,2}(?:\.\d)?) cm [x×] ((?:0?\.\d|[12](?:\.\d)?)) ?cm\b/gi, '$1 cm, $2 cm thick'],
  [/\bcome to (?=(?:for )?(?:\d|an? hour|half an))/gi, 'come to room temperature '],
  [/\bstretch-and-fold(s?)\b/gi, 'stretch and fold$1'],
  [/(?<=\b(?:of|at|about|to|à) )~ ?(?=\d)/gi, ''],
  // "60 g butter mixed with 60 g oil"
  [/(?<=\p{L}) (?:mixed|combined|blended) with (?=\d)/giu, ' + '],
  [/\b(?:an? |just a )?(?:bit|little|touch) (?:more|less) than (?=\d|[½¼¾])/gi, ''],
  // "90 seconds on the hot plate, turn, 70"
  [
    /(?=turn|flip)(?<=\b\d+(?:\.\d+)? ?(seconds?|secs?|s|minutes?|mins?|min)\b[^.\d]*?)\b((?:turn|flip)(?: it| them| over)*[,:;]? (?:and |then )?)(\d{1,3})(?=\s*(?:[;,]|\.(?!\d)|$))/gi,
    (_, unit = '', lead = '', n = '') => `${lead}${n} ${unit}`,
  ],
  // "two minutes, flip, one and a half": of minutes too
  [
    /(?<=\d ?min(?:ute)?s?,? (?:then )?(?:flip|turn)(?: (?:it|them))?,? (?:and |then )?)(\d \d\/\d|(?:one|1) and (?:an? half|1\/2)|\d+(?:\.5)?)(?= *(?:[.,;](?!\d)|$))/gi,
    '$1 minutes',
  ],
  // "divide by 9"
  [/\b(divide|cut|split) by (?=\d{1,2}\b(?! ?(?:k?g|cm|mm)\b))/gi, '$1 into '],
  // "pieces of 0.12 kg", "0.12 kg pieces"
  [
    /\b0\.(\d{2,3}) ?kg (?=(?:pieces|balls|portions|each|per|a (?:piece|bread|pancake))\b)|(?<=\b(?:pieces|balls|portions) (?:of |at )?|\b(?:divide|scale|portion|cut) [^.;\d]{0,12}\d{1,2} ?\()0\.(\d{2,3}) ?kg\b/gi,
    (_, before = '', behind = '') =>
      `${(before || behind).padEnd(3, '0').replace(/^0/, '')} g${before === '' ? '' : ' '}`,
  ],
  // "knead 8 min, adding the salt after 2": when it goes in is within the kneading
  [
    /(?=, | ?\()(?<=\b(?:knead|mix)\b[^.;\d]*\d[\d.–-]* ?min(?:ute)?s?[^.;\d]{0,16}?)(?:, | ?\()(?:(?:and )?(?:add(?:ing)?|put(?:ting)?|with|sprinkl(?:e|ing)) )?(?:the )?(?:\p{L}+ )?(?:salt|oil|butter|fat|yeast|sugar)(?: in)?(?: goes in| comes in)? (?:after|at) (?:about )?\d+(?: ?min(?:ute)?s?)?\)?(?= *(?:[,;]|\.(?!\d)|$))/giu,
    '',
  ],
  // "rest under a bowl (30)"
  [
    /(?<=\b(?:knead|rest|prove|proof|rise|mix)(?: (?:it|under (?:a|the) \w+|covered|well|long|hard|\w+ly))?) \((\d{1,3})\)(?= *(?:[,;.]|$))/gi,
    ' for $1 min',
  ],
  // "1½ h, punch down after 45 min"
  [
    /(?<=^|[;.] )(?:(?:rise|proof|prove) )?(\d+(?:\.\d+)?)?([½¼¾])? ?(h|hours?|min(?:ute)?s?),? (?:punch|knock)(?:ing|ed)? (?:it |the dough )?(?:down|back) (?:after|at) (\d{2,3}) ?min(?:ute)?s?\b/gi,
    (all = '', n = '0', part = '', unit = '', at = '') => {
      const whole = (Number(n) + (FRACTION_SIGNS[part] ?? 0)) * (/^h/i.test(unit) ? 60 : 1);
      return whole > Number(at) ? `proof ${at} min, knock back, proof ${whole - Number(at)} min` : all;
    },
  ],
  [/(?<=; )cover(?:ed)?[;,] (?=\d{1,3} ?min)/gi, 'cover '],
  // "8 balls ~107 g", "divide, ~115 g"
  [/\b(divide|scale),? ~ ?(?=\d{2,3} ?g\b)/gi, '$1 into pieces of '],
  [/(?<=\b(?:balls|pieces|portions|rounds)),? ~ ?(?=\d{2,3} ?g\b)/gi, ' of '],
  [/\b(?:(?:a|1) )?ladle(?:ful)?s? each,? \((?:about )?(\d{2,3}) ?ml\)/gi, 'pour $1 g of batter each'],
  [/(?<=[:,;] )(\d{2,3} ?g) (?:of )?batter(?= *[,.;])/gi, 'pour $1 of batter'],
  // of a batter
  [/(?<=^|[.;,] )(\d{2,3}) ml (?:each|apiece|per (?:pancake|piece|bread))\b/gi, 'pour $1 g of batter each'],
  // "… and 60 sec / 45 sec on the griddles"
  [
    /,? and (\d+ ?(?:s|secs?|seconds?|min(?:ute)?s?)) ?\/ ?(\d+ ?(?:s|secs?|seconds?|min(?:ute)?s?)) (?=on (?:the|a) (?:griddles?|hot ?plates?|pans?|stones?|tawas?)\b)/gi,
    ', cook $1, turn, $2 ',
  ],
  // "makes six: balls, 15 minutes under a cloth"
  [/(?<=^|[.;] )makes (\d{1,2}): (?=balls\b)/gi, 'divide into $1, '],
  // "rest 30, portion 60, roll 18 cm"
  [
    /(?<=^|[,;.] )(?:portion|scale)(?: (?:at|to))? ((?:[4-9]\d|[1-3]\d\d))(?= *(?:[,;]|\.(?!\d)|$))/gi,
    'divide into pieces of $1 g',
  ],
  // "loaves of a hundred and sixty"
  [
    /\b(?:loaves|lumps|balls|pieces|portions) of ((?:[4-9]\d|[1-3]\d\d))(?= *(?:[,;]|\.(?!\d)|$)| (?:are|each|and|is)\b)/gi,
    'pieces of $1 g',
  ],
  [/(?<=^|[;.] )pieces of (\d{2,3} g) are cut\b/gi, 'divide into pieces of $1'],
  // "Bulk: 50 min. Pieces: 100 g."
  [/(?<=^|[.;] )(?:dough )?(?:pieces|portions): (\d{2,3}) ?g(?= *(?:[.,;]|$))/gi, 'divide into pieces of $1 g'],
  // "knead 8 minutes, then half an hour in a warm place"
  [
    /(?<=, (?:and )?then )(?:for )?(?=(?:about )?\d[\d.]* ?(?:min(?:ute)?s?|h(?:ours?)?)\b (?:under (?:an?|the) (?:\w+ )?(?:cloth|towel|bowl|film)|covered|in a warm|in the (?:warm|fridge|bowl|cold)|on the (?:bench|board|table)|at room|somewhere warm)\b)/gi,
    'rest ',
  ],
  // "knead 10 minutes and an hour under a cloth"
  [
    /(?= and )(?<=\b(?:knead|mix)\w* (?:for )?(?:about )?\d+(?:\.\d+)? ?min(?:ute)?s?) and (?:for )?(?=(?:about )?\d[\d.]* ?(?:min(?:ute)?s?|h(?:ours?)?)\b (?:under|covered|in (?:a|the)|on the|at room|by the|beneath)\b)/gi,
    ', rest ',
  ],
  // "peel, rice and cool": what a ricer does
  [
    /(?<=\bpeel(?:ed)?(?:,| and) )rice(?= *(?:,|and\b|them\b|it\b|\.|$))|\brice (?=(?:them|it|the (?:\w+ )?potatoes)\b)/gi,
    'mash ',
  ],
  // "3 folds every 20 min, then 30 min": what all of it takes
  [
    /\b(\d) (?:sets of )?(?:stretch and )?folds,? every (\d{1,2}) ?min(?:ute)?s?,? (?:and )?then (?:rest |leave |proof |another )*(?:for )?(\d{1,3}) ?min(?:ute)?s?\b/gi,
    (_, n = '', every = '', rest = '') => {
      const moments = Array.from({ length: Number(n) }, (__, i) => (i + 1) * Number(every));
      return `proof ${Number(n) * Number(every) + Number(rest)} min with a fold after ${moments.join(', ')} min`;
    },
  ],
  // "then four folds every 20 minutes", and nothing more
  [
    /(?:^(?:then )?|(?<=, )then )(\d) (?:sets of )?(?:stretch and )?folds?,? every (\d{1,2}) ?min(?:ute)?s?(?=\.?$)/gi,
    (_, n = '', every = '') => {
      const moments = Array.from({ length: Number(n) - 1 }, (__, i) => (i + 1) * Number(every));
      return `proof ${Number(n) * Number(every)} min with a fold after ${moments.join(', ')} min`;
    },
  ],
  // "15 minutes' rest as balls"
  [/(?<=^|[,;] )(\d{1,3} ?min(?:ute)?s?)['’]? rest (?:as|in) balls\b/gi, 'balls, rest $1'],
  // "do a set of folds each half hour over two hours"
  [
    /\b(?:(?:give (?:it|the dough) a |do a |a )?(?:set of )?(?:stretch and )?)folds?(?: it| the dough)?,? (?:every|each) (\d+(?:\.\d+)? ?\w+) (?:for|over|during) (?=\d|an? hour)/gi,
    'fold every $1 for ',
  ],
  // "turn at 60 s, take off at 100 s": from the beginning
  [
    /\b(?:turn|flip)(?: it| them)? (?:after|at) (\d+|an?) (seconds?|s|min(?:ute)?s?),? (?:and )?(?:take (?:it |them )?off|remove|lift (?:it |them )?off)(?: it| them)? at (\d+) (seconds?|s|min(?:ute)?s?)\b/gi,
    (all = '', a = '', unit = '', b = '', other = '') => {
      const [first, whole] = [secondsOf(a, unit), secondsOf(b, other)];
      return whole > first ? `cook ${first} s, turn, ${whole - first} s` : all;
    },
  ],
  // "make 20 cm discs with the pin": how large, and not how many
  [
    /(?<=^|[;,.] |\b(?:and|then) )(?:make|form) (\d+(?:\.\d+)? ?cm) (discs|rounds|circles|ovals)( with (?:the|a) (?:rolling )?pin)?\b/gi,
    (_, size = '', what = '', pin = '') => `${pin === '' ? 'shape' : 'roll'} to ${size} ${what}${pin}`,
  ],
  // "they are ready to roll"
  [/\bready to (?:be )?(?:roll|shap|divid|ball|stretch)\w*(?= *(?:[,;.]|and\b|$))/gi, 'ready'],
  // "keep kneading" keeps nothing
  [/\bkeep (?:on )?(knead|mix|stir)ing\b/gi, '$1'],
];
