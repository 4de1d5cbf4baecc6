/**
 * One thing in all the words of it: of each group in braces one stands in the phrase. The steps that come of it are written as in a bank of
 * phrases, and so are what stands before and behind it; by the names of those banks.
 */
export const SAID_OTHERWISE: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  'From ingredients to a dough': [
    [
      '{In a bowl|In a large bowl|Using a fork|With your fingertips|By hand|} {mix|stir|combine|blend|whisk|toss} {the flour and salt|the dry ingredients|flour with salt|all the dry things}{ together| well|}{, then | and |; then |. }{add|pour in|stir in|work in|mix in|trickle in|tip in|splash in} {the water|the warm water|all the water|the liquid|the water a little at a time|just enough of the water to make a soft dough}',
      'mix',
    ],
    [
      '{Make|Form|Create|Leave} a {well|hollow|crater|dip|hole} in {the flour|the middle|the centre|the middle of the flour}{, | and | then }{pour in|add|tip in|put in} the {water|liquid}{ and |, then }{mix|stir|draw in the flour|bring together|work it to a dough|gather it into a dough|swirl it with your fingers}',
      'mix',
    ],
    [
      '{Bring|Gather|Press|Work} {everything|it all|the mixture|the lot} {together |}{into|to form|to make|to} a {soft|rough|shaggy|stiff|firm|sticky|pliable|supple} {dough|mass}',
      'mix',
    ],
    [
      '{Mix everything|Mix to a soft dough}. {Knead|Work it|Work the dough|Knead it|Develop|Massage|Knead the dough|Pummel it|Give it a knead|Keep kneading|Carry on kneading|Give the dough a knead} for {8 minutes|eight minutes|about 8 minutes|a good 8 minutes|at least 8 minutes|8 min|8 mins}',
      'mix, knead',
    ],
    [
      '{Mix everything|Mix to a soft dough}. {Knead|Work it|Work the dough|Develop|Massage it} {on the bench|on the table|on a floured board|by hand|with the heel of your hand|in the mixer|on a lightly floured surface|on low speed|with the dough hook|with wet hands} {for |}{8 minutes|eight minutes|8 min}',
      'mix, knead 8',
    ],
    [
      '{Mix everything|Mix to a soft dough}. {Turn out|Tip out|Tip the dough out|Turn it out|Scrape it out|Empty it} {onto the bench|on to a floured table|onto a clean worktop|onto the work surface|on a floured board} and {knead|work|work it|pummel it|knead it} {for |}{8 minutes|eight minutes|8 min}{ until smooth|, until it no longer sticks| till it is silky| or so|}',
      'mix, knead 8',
    ],
    [
      "{8 minutes of kneading|Kneading: 8 minutes|Kneading time 8 min|Knead time: 8 min|An 8-minute knead|Eight minutes' kneading|8 min knead}",
      'mix, knead 8',
    ],
    [
      'Mix everything. {Knead|Work the dough} {until|till} {smooth|elastic|silky|springy|it springs back|it is no longer sticky|it feels like an earlobe|it comes away from the bowl} {(|, |, about |, around |, which takes |; } 8 minutes',
      'mix, knead 8',
    ],
    [
      '{Rub|Work|Crumble|Cut|Pinch} the {butter|lard|fat|shortening} into the {flour|dry ingredients|flour and salt}{ until it looks like breadcrumbs| with your fingertips| until no lumps remain| with a knife|}{, then |. |; }{add|pour in|mix in|stir in} the water{ and mix to a dough| to make a dough|}',
      'mix, mix',
    ],
    [
      '{Mix|Stir} {flour and water|the flour and water}{, | and |. }{leave|rest|let stand|cover and rest|autolyse|let it rest} {for |}{20 minutes|20 min}{, then |. Then |; then }{add|work in|knead in|sprinkle in|mix in} the salt and knead {for |}{8 minutes|8 min}',
      'mix, rest, knead 8',
    ],
    [
      '{Dissolve|Stir} the {salt|salt and sugar} in the water{, |. | and }{add|pour into|mix into|tip on to|pour over|stir into} the flour{ and mix| and stir|, mix}',
      'mix',
    ],
    [
      '{Hold back|Keep back|Reserve|Save} {a little|some|a splash|2 tbsp|a tablespoon} of the water. Mix the {rest|remainder} {with|into} the flour{ and salt|}. {Add the last of it if it is dry|Add more only if needed|Use it if the dough is stiff|}',
      'mix',
    ],
    [
      '{In|With} {a|the} {stand mixer|mixer|food processor|machine}{, | | fitted with a dough hook, }{mix|combine|blitz|blend|run} {everything|all the ingredients} {for |}{3 minutes|3 min|three minutes}',
      'mix',
    ],
  ],
  'What the dough does while nobody works at it': [
    [
      '{Cover|Cover the dough|Cover it|Cover the bowl|Cover loosely|Cover tightly} {with a damp cloth|with cling film|with a plate|with a tea towel|with a lid|with a bowl|} {and |, |, then |. }{rest|leave|leave to rest|let rest|set aside|let it rest|leave it|let it sit|let stand|allow to rest|give it a rest} {for |}{30 minutes|half an hour|at room temperature for 30 minutes|on the bench for 30 minutes|for about 30 minutes}',
      'rest 30',
    ],
    [
      '{Let|Allow|Leave} {the dough|it|the whole thing|the dough ball} {to |}{rest|relax|sit|stand} {, covered,|under a bowl|under a damp cloth|in the bowl|on the table|covered with film|} {for |}{30 minutes|half an hour|30 min|at least 20 and at most 40 minutes}',
      'rest',
    ],
    [
      "{30 minutes|Half an hour|30 min} {rest|resting|of rest|rest, covered|rest under a cloth|rest on the table|to relax|'s rest}",
      'rest 30',
    ],
    [
      "{Rest|Resting|Resting time|Rest time|Rest, covered|Dough rest|First rest} {: |- |– |= | }{30 minutes|30 min|half an hour|30'}",
      'rest 30',
    ],
    [
      '{Wrap|Wrap it|Wrap the dough|Pop it} {in film|in cling film|in a damp cloth|in a plastic bag|in a bag} {and |, then |; }{rest|leave|let it rest|set it aside|let it relax} {for |}{30 minutes|half an hour|30 min}',
      'rest 30',
    ],
    [
      '{Leave|Let it|Rest} {alone |}{in the fridge|in the cold|in the refrigerator|chilling|in the cold larder} {overnight|for 12 hours|for a night|until the next day|until tomorrow|for at least 8 hours}',
      'chill',
    ],
    [
      '{Chill|Refrigerate|Put in the fridge|Pop it in the fridge|Stick it in the fridge|Into the fridge|Fridge} {for |}{1 hour|an hour|60 minutes|about an hour|one hour}',
      'chill 60',
    ],
    [
      '{Leave|Let|Allow} {it |the dough |}{to |}{rise|prove|proof|ferment|double|puff up|grow} {in a warm place|somewhere warm|at room temperature|near the stove|in the airing cupboard|covered|} {for |}{1 hour|an hour|60 minutes|about an hour|around one hour}',
      'proof 60',
    ],
    [
      '{Proof|Prove|Bulk proof|Bulk|Bulk ferment|First rise|First proof|Bulk fermentation|Rise|Proving|Rising time|Fermentation} {: |– | |for }{1 hour|60 minutes|1 h|60 min|one hour}',
      'proof 60',
    ],
    [
      '{Proof|Prove|Let rise|Leave to prove|Let it prove} {until|till} {doubled|doubled in size|twice the size|puffy|well risen|bubbly|it has doubled} {, about |, around |, |(|: |; this takes |, which takes }{1 hour|an hour|60 minutes|one hour}',
      'proof 60',
    ],
    ["{After|When} {1 hour|an hour} {'s proof|of proof|of proving|'s rising}", 'proof 60'],
    [
      '{Rest 1 hour|Rest for an hour}. {Knock back|Punch down|Deflate|Knock the air out of|Press the air out of|De-gas|Push the gas out of|Gently deflate|Squash the air out of} the {dough|risen dough}',
      'rest 60, knead',
    ],
    [
      '{Take|Bring|Lift|Get|Remove} {it|the dough} {out of|from} the fridge {and let it come to room temperature|and leave it to warm up|and leave it} {for |}{1 hour|an hour|60 minutes}',
      'temper 60',
    ],
    [
      'Rest 12 hours in the fridge. {Take|Bring|Lift|Get|Remove} {it|the dough} {out of|from} the fridge {an hour before using|1 hour before you want to shape it|an hour before dividing|one hour before class}',
      'chill 720, temper 60',
    ],
  ],
  'How long it rests': [
    [
      '{Rest|Let it rest|Leave it to rest|Cover and rest} {for |}{an hour and a half|one and a half hours|1 1/2 hours|1½ h|90 minutes|1 h 30|1:30 h|1.5 hours|ninety minutes|1 hour 30 minutes|an hour and thirty minutes}',
      'rest 90',
    ],
    [
      '{Rest|Let it rest|Leave it to rest|Cover and rest} {for |}{20 to 30 minutes|20–30 min|20-30 mins|between 20 and 30 minutes|twenty to thirty minutes|20 or 30 minutes|from 20 to 30 minutes|anything from 20 to 30 minutes}',
      'rest 25',
    ],
    [
      '{Rest|Let it rest|Leave it to rest|Cover and rest} {for |}{at least 30 minutes|a minimum of 30 minutes|no less than 30 minutes|not less than 30 minutes|30 minutes or more|30 minutes at least|30 minutes minimum|half an hour or longer|a good half hour at the very least}',
      'rest 45',
    ],
    [
      '{Rest|Let it rest|Leave it to rest|Cover and rest} {for |}{up to 30 minutes|no more than 30 minutes|30 minutes at most|at most 30 minutes|a maximum of 30 minutes|30 minutes maximum|not more than half an hour|30 minutes, no longer}',
      'rest',
    ],
    [
      '{Rest|Let it rest|Leave it to rest|Cover and rest} {for |}{30 minutes (longer if you have time)|30 minutes (up to 2 hours is fine)|half an hour, or longer if it suits you|30 minutes or overnight in the fridge|30 minutes; an hour is better|about 30 minutes, more when it is cold|30 min (20 in summer)}',
      'rest',
    ],
  ],
  'Pieces and balls': [
    [
      '{Divide|Cut|Split|Portion|Separate|Chop|Slice|Break|Pull|Tear|Part} {the dough|it|the risen dough|everything|the log} {into|in} {8|eight} {equal |even |}{pieces|portions|parts|lumps|bits|chunks|}',
      'divide',
    ],
    [
      '{Divide|Cut|Split|Portion|Scale|Weigh|Weigh out|Weigh off|Measure|Measure off|Scale off|Cut off} {the dough |}{into|at|in|to} {pieces of 80 g|80 g pieces|80 g portions|lumps of 80 g|80 g each|80 grams}',
      'divide',
    ],
    [
      '{Roll|Shape|Form|Mould|Work|Turn|Make} {the dough|it} into a {log|sausage|rope|cylinder|snake|long roll|thick rope} and {cut|slice|chop|divide} {into|it into|in} {8|eight} {equal |}{pieces|slices|parts|}',
      'divide',
    ],
    [
      'Divide into 8. {Roll|Shape|Mould|Tuck|Bring|Gather} {each|each piece|them|the pieces|every piece|each portion|each lump|them all|these} {into|to|up into} {a ball|balls|a smooth ball|tight balls|a neat ball|neat rounds|a round|little balls|smooth balls}',
      'divide, ball',
    ],
    [
      'Divide into 8{, |. | and }{round|round up|ball|ball up|round them|round each one|round the pieces|round off|round and cover}',
      'divide, ball',
    ],
    [
      '{Make|Form|Shape|Roll} {8|eight} {balls|equal balls|small balls|round balls|even balls|smooth balls|balls of dough|balls of 80 g}',
      'ball',
    ],
    [
      'Divide into 8 balls. {Let|Leave|Allow} {the balls|them|these} {to |}{rest|relax|sit|stand} {under a cloth|, covered,|on the bench|on a floured tray|under cling film|} {for |}{10 minutes|ten minutes|10 min|another 10 minutes|a further 10 minutes|10 minutes more}',
      'divide, ball, rest 10',
    ],
    [
      'Divide into 8 balls. {Rest|Cover and rest|Bench rest|Relax|Second rest|Rest the balls|Rest again|Bench} {: |for |}{10 minutes|ten minutes|10 min}',
      'divide, ball, rest 10',
    ],
    [
      'Divide into 8 balls. {Cover|Put them under a cloth|Lay a cloth over them|Cover with a towel|Set on a floured tray, cover|Put on an oiled tray}{ and | and let them |; }{rest|relax} {for |}{15 minutes|a quarter of an hour|15 min}',
      'divide, ball, rest 15',
    ],
    [
      "Divide into 8. {Ball|Round|Shape into balls|Roll into balls|Make into balls}{, |; | and |. }{15 minutes' rest|rest 15 minutes|leave 15 min under a cloth|let rest for a quarter of an hour|15 min rest|bench rest: 15 min}",
      'divide, ball, rest 15',
    ],
    [
      '{Everybody|Everyone|Each student|Each person|Each pupil|Students|The students|Pairs} {takes|take|gets|get|weighs out|cut off} {two|2} {pieces|portions|lumps} {of 80 g|of dough|each|}',
      'divide',
    ],
  ],
  'Rolling, shaping, filling': [
    [
      '{Roll|Roll out|Roll thinly|Roll with a pin} {each ball|each piece|each one|each|the balls|every ball|one ball at a time|them} {out |}{into|to|to make} {a circle|a disc|a round|a thin disc|a thin circle|a 20 cm circle|a circle of 20 cm|a flat round|20 cm}',
      'roll',
    ],
    [
      '{Flatten|Pat|Press|Stretch|Push|Squash|Squeeze|Tease} {each ball|each piece|each one|each|the balls|every ball|one ball at a time|them} {out |}{into|to|to make} {a circle|a disc|a round|a thin disc|a thin circle|a 20 cm circle|a circle of 20 cm|a flat round}',
      'shape',
    ],
    [
      '{Flatten|Press|Squash|Squeeze|Pat|Push} {each ball|each piece|each one|each|the balls|them} {flat |down |}{with a plate|with your hand|with your palm|between your palms|with the heel of your hand|in a press|in a tortilla press|under a heavy pan|between two sheets of plastic|with wet hands|with oiled fingers}',
      'shape',
    ],
    [
      '{Roll|Roll out|Roll them out|Roll each one} {to|until|about|} {3 mm|3 mm thick|3 mm thickness|a thickness of 3 mm|3 millimetres thick|3mm thin|the thickness of a coin}',
      'roll',
    ],
    [
      '{Roll|Roll out} {as thin as you can|as thinly as possible|paper-thin|very thin|thinly|really thin|until you can see the table through it|until nearly see-through}',
      'roll',
    ],
    [
      '{Rolling|Roll out|Rolling out|Roll|Sheet} {: |– |- | }{20 cm|20 cm, 3 mm|3 mm thick|20 cm across|20 cm wide|20 cm ø}',
      'roll',
    ],
    [
      '{Flatten|Press|Thin} {each|each ball|the balls|them} {out |}with {a rolling pin|the rolling pin|your pin|a pin}{ to 20 cm| into thin discs|}',
      'roll',
    ],
    [
      '{Dust|Flour|Lightly flour|Oil|Dust the|Wipe down} the {bench|table|board|work surface|worktop}{ and |. |, then }{roll|roll out} {each ball|one ball at a time|the first ball} to {20 cm|a thin disc|20 cm across}',
      'roll',
    ],
    [
      '{Roll from the centre outwards|Roll away from you, turning a quarter each time|Always roll from the middle to the edge|Keep turning as you roll|Roll evenly, dusting lightly}, to {20 cm|a 20 cm disc|3 mm}',
      'roll',
    ],
    ['{Prick|Dock} {each|them|the discs|all over} with a fork', 'roll'],
    [
      '{Roll|Roll out} to 20 cm{. |, |; }{Leave|Rest|Let rest|Let stand|Cover and rest} {the discs|the rounds|them|the rolled discs} {for |}{10 minutes|10 min}',
      'roll, rest 10',
    ],
  ],
  'Layers and fillings': [
    [
      '{Put|Place|Spoon|Drop|Lay|Heap|Pile} {a spoonful of filling|2 tbsp filling|some of the filling|a heaped tablespoon of filling|the filling} {in the middle|in the centre|on one half|into the middle of each|on each}{, | and |, then }{pinch the edges|seal|bring up the edges and seal|pinch shut|close|gather the edges together|pinch it closed}',
      'fill',
    ],
    [
      '{Brush|Smear|Spread|Dot|Rub} {the disc|each disc|each|the surface|the top|it} with {butter|ghee|oil|melted butter|the butter}{, |. |; then | and }{roll up|roll it up like a carpet|roll it into a rope} and {coil|wind into a snail|curl into a spiral|coil it up}',
      'fill, coil',
    ],
    [
      'Roll out to 15 cm. {Scatter|Sprinkle|Strew|Spread|Dot} {the seeds|sesame seeds|chopped herbs|the onion} {over|over each|on top|over the top|on each round}',
      'roll, fill',
    ],
  ],
  'On the griddle': [
    [
      '{Cook|Bake|Fry|Griddle|Dry-fry|Toast|Grill|Sear} {in a hot dry pan|on a hot griddle|on a very hot tawa|on the hot plate|in a heavy pan|over a high heat|} {for |}{1 minute|60 seconds|about a minute|one minute} {on each side|each side|per side|a side|on both sides|on either side|each way|both sides}',
      'cook 60+60',
    ],
    [
      '{Cook|Bake|Fry|Griddle|Dry-fry|Toast} {in a hot dry pan|on a hot griddle|on a very hot tawa|over a high heat|} {for |}{1 minute|60 seconds|a minute|one minute}{, then|,|;|. Then| and} {turn|flip|turn over|flip over|turn it over|turn them over|flip them|turn it}{, | and |; | and cook |, then cook |; give it }{for |}{another |a further |}{45 seconds|45 secs|45 s|45 sec} {more|on the other side|on the second side|}',
      'cook 60+45',
    ],
    [
      '{Lay|Place|Put|Slap|Slide|Drop|Throw|Slip} {a bread|one|a round|each|one at a time|each disc|it} {in|on|onto|into} {a hot dry pan|the hot griddle|a smoking tawa|the hot plate|a preheated skillet}{ and cook|; cook|. Cook|, and bake| and leave| and give it} {for |}{1 minute|60 seconds|one minute}{, flip|, turn|; turn over|. Turn|. Flip it} {and |, }{give it |cook |}{45 seconds|45 s|45 secs}{ more| on the other side|}',
      'cook 60+45',
    ],
    [
      '{1 minute|60 seconds|60 s|1 min|a minute} {on one side|on the first side|first side|side one|one side|on side 1}{, | and |; | / |, then }{45 seconds|45 s|45 sec} {on the other|on the second side|second side|side two|on the second|the other side|on side 2}',
      'cook 60+45',
    ],
    [
      '{First side|Side one|Side 1|1st side|One side} {: | |– |- }{60 seconds|1 minute|60 s|1 min}{, |; |. | / }{second side|side two|side 2|2nd side|other side|other} {: | |– |- }{45 seconds|45 s|45 sec}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake|Griddle} {until|till} {bubbles appear|bubbles form|it bubbles|brown spots show|it blisters|the edges lift|the surface dries|blisters come up} {, about |, around |, |(|; about }{1 minute|60 seconds|60 s}{, then|;|.|, and} {turn|flip|turn over|flip over} {and cook |, |and give it |and |for }{45 seconds|45 s|45 seconds more|another 45 seconds}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake|Griddle} {30 seconds|30 s|half a minute}, {turn|flip}, {1 minute|60 s|60 seconds}, {turn again|flip again|turn back|back to the first side|turn once more}{, | for |, }{15 seconds|15 s|15 sec}',
      'cook 30+60+15',
    ],
    [
      '{Cook|Bake} {covered|under a lid|with the lid on|lid on} for {2 minutes|2 min}{, turn, |. Turn and |; flip and }{cook uncovered for 1 minute|1 minute without the lid|another minute uncovered|1 min, lid off}',
      'cook 120+60',
    ],
    [
      'Cook {1 minute|60 s}, {turn|flip}, {1 minute|60 s}{, then |; |. }{hold over the flame|put on the open flame|over a naked flame|onto the gas flame|on the flame} {for |}{5 seconds|5 s}',
      'cook 60+60+5',
    ],
    [
      'Cook {1 minute|60 s} {on the griddle|in the pan}{, then |; then |. Then }{finish |}{under a hot grill|under the grill|under the broiler} {for |}{1 minute|60 s}',
      'cook 60+60',
    ],
    [
      '{Heat|Preheat|Warm|Get} {a heavy pan|the griddle|a dry skillet|a cast-iron pan} {until very hot|over a high heat|until smoking|to 230 °C|for 5 minutes}{. |, then | and }{cook|bake} {each bread|each|the breads|one at a time} {for |}1 minute {per side|on each side}',
      'cook 60+60',
    ],
    [
      'Cook {for |}{2 to 3 minutes|2–3 min|2-3 minutes|between 2 and 3 minutes} {on each side|per side|a side|each side}',
      'cook 150+150',
    ],
    [
      'Cook {for |}{4 minutes|4 min}{, turning once|, turning halfway|, flipping once|, turning it once| in all, turning once|, flipping half-way through}',
      'cook 120+120',
    ],
    [
      '{When|Once|As soon as} {bubbles appear|it bubbles|the underside is spotted|brown spots appear}{, | (about 1 minute), | after about a minute, }{turn|flip|turn it over} and cook {for |}{45 seconds|45 s}',
      'cook',
    ],
  ],
  'Once it is cooked': [
    [
      '{Brush|Spread|Rub|Baste|Paint|Smear|Dab|Slather} {with butter|with melted butter|with ghee|each with butter|the hot bread with ghee|them with melted ghee|generously with butter|while hot with butter}',
      'finish',
    ],
    [
      '{Keep|Hold|Stack|Wrap|Put} {warm |them |the breads |}{in a cloth|in a clean towel|in a tea towel|wrapped in a cloth|in a lined basket|in a warm oven|under a cloth|in foil}',
      'finish',
    ],
    ['{Serve|Eat|Enjoy} {at once|warm|straight away|immediately|hot|with butter|the same day}', ''],
    ['{Repeat|Continue|Carry on} with the {rest|others|remaining balls|remaining dough|other breads}', ''],
    [
      "{Sprinkle|Scatter|Strew} {with|over} {sea salt|salt|chopped coriander|za'atar|sesame|herbs|grated cheese}",
      'finish',
    ],
    [
      '{They keep|Keeps|Will keep|They will keep} {2 days|for 2 days|up to 2 days} {in a tin|wrapped|in the fridge|in an airtight box}',
      '',
    ],
    ['{Cool|Leave to cool|Let cool|Allow to cool} on a {rack|wire rack|cloth}{ for 5 minutes|}', ''],
  ],
  'What is not, may be, or is beside': [
    [
      "{Do not|Don't|Never|You must not|No need to|There is no need to|You need not|It is not necessary to|It does not need} {knead|kneading} {it|the dough|}",
      '',
    ],
    [
      '{There is no|No|You need no|It needs no|Without a} {second rise|second proof|second rest|bench rest|further rest} {here|for this dough|is needed|at all|}',
      '',
    ],
    [
      '{If|When|Should} {the dough|it} {is too sticky|sticks|feels wet|is tacky}, {add|work in|dust with|knead in} {a little flour|a spoonful of flour|more flour}',
      '',
    ],
    [
      '{If|When|Should} {the dough|it} {springs back|shrinks|fights you|resists}, {let it rest|leave it|cover it and wait|give it} {for |}{5 minutes|another 5 minutes|a few minutes}',
      '',
    ],
    [
      '{Meanwhile|While it rests|In the meantime|As it rests|During the rest}, {chop the herbs|make the filling|grate the cheese|melt the butter|prepare the topping|slice the onions}',
      'prepare',
    ],
  ],
  'From mixing to the griddle in one breath': [
    [
      "{Mix everything to a dough|Bring the dough together}, {knead 8 minutes|knead for 8 min|give it 8 minutes of kneading}, {rest 30 minutes|cover and leave for half an hour|let it stand 30 min|30 minutes under a bowl|half an hour's rest}, {divide in 8|cut in eight|make 8 pieces|split into 8}, {ball up|ball|shape into balls|roll into balls}, {rest 10 min|10 minutes more|another ten minutes|relax 10 min}, {roll to 18 cm|roll out thin|roll into 18 cm discs}, {cook 1 min a side|griddle a minute each side|a minute per side on a hot griddle|bake 60 s per side}",
      'mix, knead 8, rest 30, divide, ball, rest 10, roll, cook 60+60',
    ],
    [
      '{First|To begin|To start|Start by} {mix everything|mixing everything} to a soft dough. {Next|Then|Now} {knead it|knead} for 8 minutes. {After that|Then|Next} {rest it|let it rest|leave it} {for |}30 minutes. {Now|Next|Then} divide {it |}into 8 and {shape into balls|roll into balls|round them}. {Finally|Then|Now} roll out and cook {for |}1 minute {each side|per side|on each side}',
      'mix, knead 8, rest 30, divide, ball, roll, cook 60+60',
    ],
    [
      '{Mix|Mixing}{: |. | - }{5 min|5 minutes}{; |. |, }{Knead|Kneading}{: | }{8 min|8 minutes}{; |. |, }{Rest|Resting}{: | }{30 min|30 minutes}{; |. |, }{Divide|Dividing}{: | }{8|8 pieces|into 8}{; |. |, }{Roll|Rolling}{: | }{18 cm|to 18 cm}{; |. }{Cook|Cooking|Griddle|Baking}{: | }{60 s per side|1 min per side|60 s + 60 s|1 min each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "{The flour, water and salt are|Everything is|All the ingredients are} {mixed|combined|stirred together}{ and |, then |. The dough is |; the dough is }kneaded for 8 minutes. {It is|The dough is|It's} {then |}{covered and |}{left to rest|left|rested|allowed to rest} for 30 minutes{, then |. It is then | and }{divided|cut} into 8 {pieces|portions}{ and |, which are |. They are }rolled {out |}to 18 cm{. They are | and |, then }{cooked|baked|griddled} for 1 minute {on each side|per side}",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{We|I} {mix|combine|stir} everything{, | and }{then |}knead {the dough |it |}for 8 minutes. {We|I} {cover it and |}{let it rest|leave it|rest it} for 30 minutes. {We|I} {divide|cut|split} {it|the dough} into 8{, | and }{we |}{roll|roll out} {each|each one|each piece} {to|into} {18 cm|an 18 cm disc} and {cook|bake|griddle} {it|each|them} {for |}1 minute {on each side|per side|a side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Mixing|Step 1 Mix|1. Mix}{: |. | }mix everything. {Kneading|Step 2 Knead|2. Knead}{: |. | }8 minutes {by hand|on the table}. {Resting|Step 3 Rest|3. Rest}{: |. | }30 minutes{, covered|}. {Dividing|Step 4 Divide|4. Divide}{: |. | }8 pieces. {Rolling|Step 5 Roll|5. Roll}{: |. | }18 cm. {Cooking|Step 6 Cook|6. Cook}{: |. | }60 s per side',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{0:00|10.00|9:30} {mix|Mix everything}{. |, |; }{0:10|10.10|9:40} {knead|knead for} 8 minutes{. |, |; }{0:20|10.20|9:50} {rest|cover and rest} 30 minutes{. |, |; }{0:50|10.50|10:20} {divide into 8|divide in 8}{. |, |; }{1:00|11.00|10:30} {roll to 18 cm|roll out}{. |, |; }{1:10|11.10|10:40} {cook|griddle} 60 s per side',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{When|Once|As soon as} {everything is mixed|the dough comes together|you have a dough|it holds together}, knead {it |}for 8 minutes. {When|Once} {it is smooth|smooth|it feels smooth}, {rest|rest it|leave it to rest|cover and leave} {for |}30 minutes. {When|Once} {it has rested|rested|the time is up|relaxed}, divide into 8. {When|Once} {all are divided|you have 8 pieces|that is done}, roll {each |}to 18 cm. {When|Once} the {griddle|pan} is hot, cook {for |}1 minute {per side|on each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "Mix. Knead {8|8 min|8 mins|8 minutes|8'|eight}. Rest {30|30 min|30 mins|30 minutes|30'|half an hour}. {Divide 8|Divide in 8|Divide (8)|Divide into 8|Div. into 8|Cut 8 pieces}. Roll {18 cm|to 18|18cm|Ø18 cm|out to 18 cm}. {Cook 60s/side|Cook 60 s each side|Cook 1' + 1'|60/60 s|Griddle 60 + 60 s|60 s each side, hot griddle|Cook 2 x 60 s}",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
  ],
};
/** How many and how large, over the list or where the dough is divided: pieces of 816 g of dough, across in cm, thick in mm; where nothing is told of one, a dash. */
export const SIZES_OTHERWISE: Readonly<
  Record<'over the list' | 'in the method', readonly (readonly [string, string])[]>
> = {
  'over the list': [
    [
      '{Makes|Yields|Gives|Enough for|Makes about|Makes roughly|This makes|Recipe makes|You will get|Yield:|Makes:|Quantity:|Number of breads:|Makes approx.|For|Produces} {8|eight|8 large|8 small|8 medium} {flatbreads|breads|pieces|rounds|naans}',
      '8',
    ],
    [
      '{Makes|Yields|Makes about} {8|eight} {flatbreads|breads|pieces} {of 102 g|at 102 g|of about 102 g each|(102 g each)|(about 102 g each)|weighing 102 g|, 102 g each}',
      '8',
    ],
    [
      '{Serves 4 (2 breads each)|4 people, 2 breads each|Serves 4, two each|For 4 people (8 breads)|Serves 4 (makes 8)|Makes 8 (serves 4)|For four, two flatbreads each|Makes 8, serves 4|Serves 4; makes 8 breads}',
      '8',
    ],
    [
      '{Makes|Yields} 8 {flatbreads|breads|rounds} {of 20 cm|20 cm across|of 20 cm diameter|, 20 cm each|(20 cm)|about 20 cm wide|, each about 20 cm}',
      '8 20',
    ],
    [
      '{Prep|Preparation|Active time|Hands-on|Preparation time}{: | }{20 min|20 minutes|20 mins}{ · |, |; | | }{Cook|Cooking|Cooking time|Baking}{: | }{15 min|15 minutes|15 mins}{ · |, |; | | }{Makes|Yield:|Serves} 8',
      '8',
    ],
    [
      '{Level|Difficulty|Skill}{: | }{easy|beginner|medium|simple} {·|,|;|} {Makes|Yield:} 8 {breads|flatbreads|pieces}',
      '8',
    ],
  ],
  'in the method': [
    [
      '{Divide|Cut|Split|Portion} {it |the dough |}{into|in} {8|eight} {pieces|equal parts|portions|balls} {of about 100 g|of 102 g|(about 102 g each)|, each 102 g|, 102 g each|weighing 102 g each|@ 102 g|à 102 g}. Roll to 20 cm',
      '8 20',
    ],
    [
      '{Divide|Scale|Portion|Cut|Weigh off} {at|into pieces of|into} {102 g|102g|102 grams}{ each|}. Roll to 20 cm',
      '8 20',
    ],
    [
      'Divide into {8|eight}. {Roll|Roll out|Roll each|Roll them} {to|to about|to roughly|to a diameter of|into rounds of|into discs of|into circles} {20 cm|20cm|20 centimetres|twenty centimetres|200 mm|7.9 inches} {across|in diameter|wide|diameter|}',
      '8 20',
    ],
    [
      'Divide into 8. Roll {each |them |}to {20 cm|20 cm across}{, | and |; }{3 mm|3 mm thick|about 3 mm thick|a thickness of 3 mm|3 mm in thickness|0.3 cm thick}',
      '8 20 3',
    ],
    [
      'Divide into 8. Roll {3 mm|3 mm thick|to 3 mm|to a thickness of 3 mm|out 3 mm thick|about 3 mm thick|until 3 mm thick} {and|,|; |then} {20 cm|20 cm across|20 cm wide|about 20 cm in diameter}',
      '8 20 3',
    ],
    [
      'Divide into 8. {Roll|Press|Pat|Stretch} into {ovals|oblongs|rectangles|long ovals|teardrops|tongues} {20 cm long|about 20 cm long}',
      '8',
    ],
    [
      '{Shape|Roll|Make|Form} {8 balls|eight balls|8 small balls|8 equal balls} {of 102 g|of about 102 g|(102 g)|, 102 g each|weighing 102 g}. Roll to 20 cm',
      '8 20',
    ],
  ],
};
