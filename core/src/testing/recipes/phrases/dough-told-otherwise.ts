/** The same in further words, of the dough and of whole methods: as it is told of somebody, in the passive, by what else is done meanwhile, and with what is no step beside it. */
export const DOUGH_TOLD_OTHERWISE: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  'From ingredients to a dough': [
    [
      '{Toss|Throw|Chuck|Dump|Put|Tip} {everything|the lot|all of it|all the ingredients} {in|into} {a bowl|the mixer|a big tub|the bread machine} and {work it|stir it|squish it|bring it} {into a dough|until it forms a dough|to a dough|together}',
      'mix',
    ],
    [
      '{The flour goes|Flour goes|The flour is put} {in the bowl|into a bowl|in first}, {the water follows|then the water|the water on top}{, and |; }{it is mixed|everything is stirred|all is mixed} {with a spoon|by hand|with one hand}',
      'mix',
    ],
    [
      '{I start with|I begin with|Start with|We start with} the flour and salt in a bowl{, | and |; }{add|pour in|pour on} the water and {mix|stir} {to a rough dough|until no dry flour is left|with a wooden spoon}',
      'mix',
    ],
    [
      'Mix everything. {Kneading takes|The kneading takes|Kneading will take|You will knead for|You knead for|It wants kneading for|It needs kneading for|It needs a knead of} {8 minutes|about 8 minutes|eight minutes}',
      'mix, knead 8',
    ],
    [
      'Mix everything. {Then comes the kneading|Then the kneading|Next, the kneading|Now for the kneading}: {8 minutes|a good 8 minutes|eight minutes|around 8 minutes}{, no less| by the clock|}',
      'mix, knead 8',
    ],
    [
      'Mix everything. {Get stuck in and|Roll up your sleeves and|Set a timer and|Put some music on and|Take turns and} knead {for |}{8 minutes|a full 8 minutes|all of 8 minutes}',
      'mix, knead 8',
    ],
    [
      'Mix everything, {rest it 10 minutes|leave 10 minutes|let it sit 10 minutes|cover for 10 minutes}, {knead|then knead|and knead} {5 minutes|for 5 minutes}{, rest another 10 minutes| and leave another 10 minutes|, cover again for 10 minutes}',
      'mix, rest 10, knead 5, rest 10',
    ],
    [
      'Mix everything. {Slap and fold|Stretch and slap|Use the slap-and-fold method|Slap it about|Slap the dough on the table} for {8 minutes|about 8 minutes}',
      'mix, knead 8',
    ],
    [
      'Mix everything. {Knead for 5 minutes|Knead 5 minutes}, {rest for 5 minutes|give it a 5-minute break|let it rest for 5 minutes|stop for 5 minutes}{, and knead for 3 minutes more|, then knead another 3 minutes|, knead for a further 3 minutes}',
      'mix, knead 5, rest 5, knead 3',
    ],
    [
      '{Whisk|Mix|Beat} {the flour and water|everything|flour, salt and water} {into|to|until you have} a {smooth |thin |pourable |lump-free }batter',
      'mix',
    ],
    [
      '{Sift|Sieve} the flour {into a bowl|over the salt|with the salt|twice} and {stir in|mix in|add} the water{ to make a dough|, mixing with a fork| a little at a time}',
      'mix',
    ],
    [
      '{In the bowl of a|Using a|With a} {stand mixer|mixer with a dough hook|food mixer}, {mix|combine} everything {on low|on slow|on speed 1} for {3 minutes|3 min}, then {on medium|on fast|on speed 2|on second speed} for {5 minutes|5 min}',
      'mix',
    ],
    [
      '{Crumble|Dissolve|Whisk|Stir} the yeast {in|into} {the water|the warm water}{ and leave for 5 minutes|, wait 5 minutes|; let it foam for 5 minutes| until frothy, 5 minutes}{. |; |, }{Add the flour and salt and mix|mix in the flour and salt|stir in flour and salt}',
      'mix, bloom, mix',
    ],
    ['{Blend|Combine|Mix} the {flour|dry ingredients} {with|and} the {water|wet ingredients}{ in a bowl|}', 'mix'],
    [
      '{Add|Stir in|Mix in} the {oil|melted butter|yoghurt} {last|at the end|once the flour is wet|when the dough has formed}',
      'mix',
    ],
    [
      "Mix everything. Knead {until|till} {the dough no longer tears|it stops sticking|your arms ache|it is like a baby's cheek|it passes the windowpane test|you can stretch it thin}{, 8 minutes or so|, usually 8 minutes| (8 minutes)}",
      'mix, knead 8',
    ],
    [
      'Mix everything. {With oiled hands|On an oiled bench|Without extra flour|Using a scraper}, knead {for |}8 minutes',
      'mix, knead 8',
    ],
    [
      'Mix everything. {The machine kneads it|Let the machine knead|The mixer does the kneading|Leave the mixer to knead} {for |}8 minutes',
      'mix, knead 8',
    ],
    [
      'Mix everything. {3 minutes slow, 5 minutes fast|3 min on slow and 5 min on fast|slow 3 min, fast 5 min|3+5 minutes in the spiral mixer}',
      'mix',
    ],
    [
      '{Whisk|Beat} {the eggs|the egg} with the {milk|water}{, | and |; }{add|stir into|pour into} the flour and {mix|stir} to a {batter|soft dough}',
      'mix',
    ],
    [
      '{Melt the butter|Warm the milk|Melt the lard}{ and let it cool|, cool slightly| gently|}. Add to the flour and mix',
      'prepare, mix',
    ],
    [
      '{Boil|Heat} the water{ and pour it over the flour|, pour over the flour| and tip it on the flour}{, stirring with a spoon|, stirring all the time| and stir}',
      'mix',
    ],
    [
      '{Soak|Steep} the {oats|bulgur|seeds} in {hot|cold|boiling} water for {30 minutes|half an hour}. {Mix with the rest|Add the rest and mix|Mix everything}',
      'prepare, mix',
    ],
    [
      '{Prepare|Make|Mix} a {sponge|poolish|preferment|starter dough} {with|from|of} 100 g flour, 100 g water and the yeast{ and leave| and let it stand|; leave} {for |}{2 hours|two hours}. Add the rest of the ingredients and mix',
      'mix, rest, mix',
    ],
  ],
  'What the dough does while nobody works at it': [
    [
      '{It then rests|The dough then rests|The dough rests|It rests|It is rested|The dough is rested|The dough is left to rest|It was rested|I rest it|We rest it|You rest it|It gets a rest} {for |}{30 minutes|half an hour|about half an hour|30 min}',
      'rest 30',
    ],
    [
      '{Now wait|Wait|Then wait|Go away for|Forget about it for|Forget it for|Walk away for|Have a cup of tea for|Leave it in peace for|Leave well alone for|Ignore it for|Do nothing for} {30 minutes|half an hour|about 30 minutes}',
      'rest 30',
    ],
    [
      '{Time to rest|A rest now|Rest time|Then a rest|Break|Pause|Nap time for the dough}: {30 minutes|half an hour|30 min}',
      'rest 30',
    ],
    [
      '{Give|Allow} {the dough|it} {30 minutes|half an hour|a half-hour|a good half hour} {under a bowl|under a cloth|to relax|to itself|of peace|on the bench|to recover|to hydrate}',
      'rest 30',
    ],
    [
      '{Cover with|Under} {an upturned bowl|a bowl} {, and wait|for|, and give it} {30 minutes|half an hour}',
      'rest 30',
    ],
    [
      "{The dough needs|It needs|Dough wants|It wants|The dough must have|The dough should have|The dough likes} {30 minutes|half an hour|30 minutes' rest|a rest of 30 minutes|a half-hour rest|to rest for 30 minutes|to stand for half an hour}",
      'rest 30',
    ],
    [
      '{Oil|Grease|Lightly oil} {the bowl|a bowl|a tub}{, | and |; }{put|drop|place|return} {the dough in|the dough in it|the dough to it}{, | and |; }{cover|cover it|cover and} {for|leave for|leave|leave it for|let rest for} {30 minutes|half an hour}',
      'rest 30',
    ],
    [
      '{Set|Put|Stand|Leave} {it|the dough|the bowl} {aside|to one side|on one side|on the side} {for |}{30 minutes|half an hour|30 min}',
      'rest 30',
    ],
    [
      '{Set a timer for|Set the timer to|Put the timer on for|Timer} {30 minutes|half an hour}{ and let the dough rest| and leave the dough alone|; the dough rests}',
      'rest 30',
    ],
    [
      '{Half an hour later|After half an hour|30 minutes later|After a 30-minute rest|After it has rested for 30 minutes|After 30 minutes of rest}, {feel the dough|look at the dough|the dough will be softer|the dough is smooth}',
      'rest 30',
    ],
    [
      'Leave {it|the dough} {in a warm place|somewhere warm} {until|till} {doubled|it has doubled|twice as big}{, which takes|; this takes|; it takes|. This takes|, normally} {an hour|about an hour|1 hour|60 minutes}',
      'proof 60',
    ],
    [
      '{It should take|This will take|It takes|Allow|Expect} {an hour|about an hour|1 hour} {to double|for it to double|to rise|for the dough to double|for the rise}',
      'proof 60',
    ],
    [
      "{An hour's|A one-hour|A 60-minute|One hour's|A 1-hour} {rise|proof|prove|first rise|bulk proof}{ in a warm spot|, covered|}",
      'proof 60',
    ],
    [
      '{Let it|Leave it to|Allow it to} {rise|prove|ferment} {overnight|for 12 hours|for a night} {in the fridge|in the cold}',
      'chill',
    ],
    [
      '{Slow|Cold|Retarded} {rise|proof|fermentation|prove}{: |, | – | of }{12 hours|overnight|12 h} {in the fridge|at 4 °C|in the cold|in the refrigerator}',
      'chill',
    ],
    [
      '{Bulk|First rise|First proof} {2 hours|2 h|two hours} {with a fold|with folds|folding} {after 30, 60 and 90 minutes|at 30, 60 and 90 min}',
      'proof 30, fold, proof 30, fold, proof 30, fold, proof 30',
    ],
    [
      '{Fold|Stretch and fold|Give it a fold|Do a set of folds} {every 30 minutes|each half hour|every half hour} {for 2 hours|over 2 hours|during 2 hours}',
      'proof 30, fold, proof 30, fold, proof 30, fold, proof 30',
    ],
    [
      '{Proof|Prove|Rise|Let rise} {at 28 °C|at 28°C|at 26-28 °C|at 80 °F|in the prover at 28 °C} {for |}{1 hour|60 minutes|an hour}',
      'proof 60',
    ],
    ['{1 hour|60 minutes|An hour} {in the prover|in the proofer|in the proving box|in a proofing cabinet}', 'proof 60'],
    [
      '{Let|Allow} the {gluten|flour|dough} {to |}{relax|hydrate|absorb the water|come together|soften} {for |}{30 minutes|half an hour}',
      'rest 30',
    ],
    [
      '{Leave|Rest} {it|the dough} {30 minutes if it is warm, 45 if it is cold|for 30 to 45 minutes, depending on the kitchen|30 min (45 in winter)}',
      'rest',
    ],
    [
      '{Rest|Leave} {15 minutes|15 min}, {fold|fold it|fold once|stretch and fold}, {rest|leave} {15 minutes|15 min}{ more|}',
      'rest 15, fold, rest 15',
    ],
    [
      '{Retard|Chill|Refrigerate} {overnight|for 12 hours} {at 4 °C|in the fridge|at 5 degrees}, then {temper|bring to room temperature|let it warm up} for {1 hour|an hour}',
      'chill, temper 60',
    ],
    [
      '{After|Following} {a rest|the rest} of {30 minutes|half an hour}{, the dough is ready|, you can go on|, it is ready to divide}',
      'rest 30',
    ],
  ],
  'What is not, may be, or is beside': [
    [
      '{This dough|It|The dough} {needs no|wants no|gets no|does without} {further kneading|second rise|proof|resting|more work}',
      '',
    ],
    [
      '{You can|You may|You could|One can} {also |}{add|use|try} {herbs|seeds|a spoonful of honey|olives|wholemeal flour}{ here| if you like|}',
      '',
    ],
    ['{Keep|Save|Reserve} {a little|some|a spoonful of} flour {for the bench|for dusting|back for rolling}', ''],
    [
      '{Have|Get} {the griddle|the pan|a heavy pan} {ready|hot|heating|on the heat|warming} {now|by now|for later|in the meantime|while you wait}',
      '',
    ],
    [
      '{Tip|Note|Hint|Watch out|Remember}: {the dough should be soft|a wet dough gives a softer bread|do not add too much flour|cold water slows the dough|sticky is good}',
      '',
    ],
    ['{Wash|Dry|Flour|Oil} your {hands|board|table} {first|now|well|before you go on}', ''],
    [
      '{While|As} {it|the dough} rests, {make|prepare|mix|stir together} {the dip|the filling|the topping|the sauce|the herb butter}',
      'prepare',
    ],
    [
      '{Check|Test}: {the dough should spring back|a poked hole should stay|it should not stick|the dough should be smooth}',
      '',
    ],
    [
      '{The dough|It} {keeps|will keep} {overnight|for 2 days|3 days} in the fridge {before rolling|at this stage|if you like|}',
      '',
    ],
    [
      '{At this point|At this stage} {the dough|you} {can be frozen|can be kept in the fridge for a day|can stop|may chill it overnight}',
      '',
    ],
    [
      '{Dust|Flour} the {bench|table} {well|lightly|generously|} {before you start|as you go|with rice flour|with semolina}',
      '',
    ],
    ['{Divide|Share} the {filling|topping|cheese} into 8 {portions|parts|heaps}', ''],
    [
      '{Weigh|Measure} {everything|all the ingredients|the flour and water} {first|before you start|carefully|with scales}',
      '',
    ],
    ['{Line|Oil|Flour} a {tray|tin|bowl} {with paper|lightly|well|}{ for the balls|}', ''],
    ['{This takes|That takes|It takes} {practice|patience|two people|a little strength}', ''],
    ['{Good|Strong|Fresh} flour {makes the difference|gives a better dough|matters here|is half the bread}', ''],
    ['{Ask|Let} {a child|your neighbour|somebody} {hold the bowl|count the minutes|turn the timer}', ''],
  ],
  'From mixing to the griddle in one breath': [
    [
      '{I|My mother|She|Nonna|The baker} {mixes|mixed} everything{, | and |. Then she }{kneads|kneaded} {it|the dough} for 8 minutes{, | and |. Then she }{lets it rest|let it rest|leaves it|left it} for 30 minutes{. She |, then she |, }{divides|divided|cuts} it into 8{, | and |. She }{rolls|rolled} {them|each one} out and {cooks|cooked|bakes|baked} {them|each} for 1 minute {a side|on each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "{Start by mixing|Begin by mixing|You start by mixing} everything, {go on to knead|then knead|followed by kneading} for 8 minutes{ and |, }{finish with|then comes|follow with} {a rest of 30 minutes|a 30-minute rest|half an hour's rest}. {Divide into 8|Make 8 pieces}, roll out, and {cook|bake} 1 minute per side",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Order of work|Procedure|What we do|Steps|Method in short}: mix{, | – | > | / }knead 8 min{, | – | > | / }rest 30 min{, | – | > | / }divide 8{, | – | > | / }roll 18 cm{, | – | > | / }cook 1 min per side',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "{The method is simple|It could not be easier|Nothing to it}: {mix everything|stir everything together}, knead {8|eight} minutes, {half an hour under a cloth|half an hour's rest|rest half an hour}, {eight pieces|cut in eight}, {roll thin|roll out thinly|roll out}, {a minute each side|1 minute per side} on {a hot griddle|the griddle}",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Mixing the dough|To make the dough|For the dough}: mix everything. {Kneading|Then knead}: knead for 8 minutes. {Resting|The rest}: cover, 30 minutes. {Shaping|To shape}: divide into 8 and roll to 18 cm. {Cooking|To cook}: {1 minute each side|60 seconds per side} {on a hot griddle|in a dry pan}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{After mixing|Once mixed|When everything is mixed}, {the dough is kneaded|knead the dough|knead} for 8 minutes. {After kneading|Once kneaded|When it is kneaded}, {it rests|it is left|rest it|leave it} for 30 minutes. {After resting|Once rested|When rested}, {divide it|it is divided|cut it} into 8. {After dividing|Once divided}, {roll out|roll them out|they are rolled out}. {After rolling|Once rolled}, {cook|bake|they are cooked} for 1 minute {a side|on each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "{Hands:|People work:|Active time:} mix, knead 8 minutes. {Dough:|The dough works:|Passive:} {rest 30 minutes|30 minutes' rest}. {Hands:|People work:|Active time:} divide into 8, roll out, cook 1 minute a side",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Day 1|Evening|The night before|The evening before|On Friday}: mix everything, knead for 8 minutes, {into the fridge overnight|chill overnight|12 hours in the fridge|leave in the fridge overnight}. {Day 2|Morning|Next morning|The next day|In the morning|On Saturday}: {take it out and wait an hour|out of the fridge for 1 hour|1 hour at room temperature|let it come to room temperature, 1 hour}, divide into 8, roll out, cook 1 minute a side',
      'mix, knead 8, chill, temper 60, divide, roll, cook 60+60',
    ],
    [
      'Mix (5 min){, |; | - }knead (8 min){, |; | - }{rest (30 min)|rest (half an hour)}{, |; | - }divide (8 pieces){, |; | - }roll (18 cm){, |; | - }cook ({1 min per side|60 s per side|1 min each side})',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "{mix 5', knead 8', rest 30', divide 8, roll 18 cm, cook 1' + 1'|mix 5, knead 8, rest 30, divide 8, roll 18, cook 60/60 s|MIX 5 MIN – KNEAD 8 MIN – REST 30 MIN – DIVIDE 8 – ROLL 18 CM – COOK 60 S A SIDE|Mix 5m. Knead 8m. Rest 30m. Divide 8. Roll 18cm. Cook 60s/60s}",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{You|Everybody|Everyone|The students|The group|The pupils} {mix|mixes|will mix} everything and {knead|kneads|will knead} for 8 minutes. {The dough|It} {rests|will rest|then rests} {30 minutes|for half an hour}. {You|Everybody|Everyone|The students|The group|The pupils} {divide|divides|will divide} it into 8, {roll|rolls} {them|the pieces} out and {cook|cooks} {them|each} 1 minute {per side|on each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      'Mix everything{. |; }8 minutes {of kneading|kneading by hand}{. |; }{30 minutes of rest|30 min rest|30 minutes covered}{. |; }{8 pieces|8 equal pieces|eight pieces of 100 g}{. |; }{rolled out to 18 cm|rolled to 18 cm|roll to 18 cm}{. |; }{cooked 1 minute per side|1 minute per side in a hot pan|a minute each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Total time 1 hour|Takes about an hour|Allow 1 hour 15 minutes|Hands-on time: 30 minutes|Ready in an hour}. Mix everything. Knead for 8 minutes. Rest for 30 minutes. Divide into 8. Roll out. Cook 1 minute a side',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      "Mix everything. Knead for 8 minutes. Rest for 30 minutes{ (this is important)|, no less| – don't skip this|, really|! Do not skip it}. Divide into 8{ (scales help)|, by eye| – roughly|, as even as you can}. Roll out{ (not too thin)|, not too thick| – don't worry about the shape|, any shape}. Cook 1 minute a side{ (no oil)|, dry| – keep an eye on it|, until spotted}",
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Whisk|Beat|Stir} everything to a {thin|smooth|pourable} batter{ and |. |; }{let it stand|leave|rest} {for |}30 minutes. {Pour|Ladle} {about |}{80 g|a ladleful} {into|onto} a {hot|greased} pan{, tilting it| and spread it|, swirling} to {20 cm|cover the base}. Cook {1 minute|60 s} {a side|per side|on each side}',
      'mix, rest 30, divide, shape, cook 60+60',
    ],
    [
      'Pour {boiling|just-boiled} water {over|on} the flour{ and salt|}{, stir with a spoon| and stir}{. Let it cool for 10 minutes|, and leave to cool 10 minutes|. When cool enough to handle, after 10 minutes,}{. Knead|, then knead} for 5 minutes. Divide into 8{, | and }roll {very thin|out thinly}. {Cook|Bake} 1 minute a side',
      'mix, rest 10, knead 5, divide, roll, cook 60+60',
    ],
    [
      'Mix to a {soft|pliable} dough{, like modelling clay|, like play dough|}. {Cover|Keep covered} {for |}15 minutes. {Pinch off|Roll|Make} {walnut-sized balls|8 balls|balls of 40 g}. {Press|Flatten} {each |}{between two sheets of plastic|in a tortilla press|in the press between film}. Cook {30 s|30 seconds}, {flip|turn}, {60 s|60 seconds}, {flip|turn}, {15 s|15 seconds}',
      'mix, rest 15, ball, shape, cook 30+60+15',
    ],
    [
      'Mix{, knead 5 minutes|. Knead 5 minutes}{, rest 1 hour|. Rest 1 hour}. {Divide into 8|Cut in 8}. {Roll|Roll out} to 20 cm, {brush with|spread with|smear with} {butter|ghee|oil}, {roll up|roll up tightly} {like a cigar|into a rope|}, {coil|wind into a snail|curl into a spiral}{, | and |; }{rest|leave} 15 minutes, {roll|roll out} again to 18 cm. {Cook|Fry} 2 minutes a side',
      'mix, knead 5, rest 60, divide, roll, fill, coil, rest 15, roll, cook 120+120',
    ],
    [
      'Mix {quickly|lightly|with a knife}; do not {knead|overwork it|work it too much}. {Pat|Press} {out |}{into a round|to a disc} {2 cm|an inch} thick and cut {into|in} {quarters|8 wedges|four farls}. {Cook|Bake} on a {moderate|gentle|low} griddle {6 minutes|for 6 minutes} {a side|each side}',
      'mix, shape, divide, cook 360+360',
    ],
    [
      'Mix, rest 20 minutes{, fold|. Fold|, stretch and fold}, rest 20 minutes{, fold again|. Fold again|, fold once more}, rest 20 minutes. Divide into 8, {ball|round}, rest 20 minutes. {Stretch|Pull} to 18 cm. Cook 1 minute a side',
      'mix, rest 20, fold, rest 20, fold, rest 20, divide, ball, rest 20, shape, cook 60+60',
    ],
    [
      'Mix. {Autolyse|Autolyse for} 30 minutes. Knead 6 minutes. {Bulk|Bulk proof|Bulk rise} {1 hour|for 1 hour}. {Divide into 8 and preshape|Divide into 8, round}{, rest 15 minutes|. Bench rest 15 minutes}. {Final shape|Shape}: {roll|roll out} to 18 cm. {Final proof|Second proof|Final rise} 20 minutes. Bake 1 minute a side',
      'mix, rest 30, knead 6, proof 60, divide, ball, rest 15, roll, proof 20, cook 60+60',
    ],
    [
      'Mix and knead 8 minutes. Rest 30 minutes. {Take|Tear off|Break off} {a piece|a lump|a bit} {the size of an egg|as big as an egg|like an egg}, {roll|roll it} {into a ball|between your palms}, {dip|press} {in|into} flour and {roll out|roll} {thin|to 15 cm}. {Lay|Put|Place} on {the|a hot} griddle; after {30 seconds|30 s}{ turn|, turn|, flip it}; {30 seconds|30 s} {more|on the other side}',
      'mix, knead 8, rest 30, divide, ball, roll, cook 30+30',
    ],
    [
      '{Rub|Work} the {fat|butter|lard} into the flour. Add {hot|warm|} water and {mix|bring together}. Knead {2 minutes|for 2 minutes}. {Cover and leave|Rest, covered,|Leave under a bowl} {for |}20 minutes. {Make|Form} 8 balls. Roll {each |}to {18 cm|about 18 cm}. Cook {20 seconds|20 s}, turn, {40 seconds|40 s}, {turn|turn back}, {20 seconds|20 s}',
      'mix, mix, knead 2, rest 20, ball, roll, cook 20+40+20',
    ],
    [
      'Mix {the evening before|the night before|in the evening} and {leave|stand|rest} {overnight|all night} {in the fridge|in the cold}. {Next day|In the morning}: {knead|knead briefly} 3 minutes, divide into 8, {rest|relax} 20 minutes, roll {out |}to 18 cm, cook 1 minute a side',
      'mix, chill, knead 3, divide, rest 20, roll, cook 60+60',
    ],
    [
      '{Dough|The dough}: mix, knead 6 minutes, rest 20 minutes. {Filling|For the filling}: {mash the potatoes|mix the cheese with the herbs|chop the spinach}. {Assembly|To assemble|Shaping}: divide {the dough |}into 8, flatten, {fill|put filling in the middle}, {seal|close|pinch shut}, {roll|roll out} to 16 cm. {Cooking|To cook|Griddle}: 2 minutes a side',
      'mix, knead 6, rest 20, prepare, divide, fill, roll, cook 120+120',
    ],
    [
      'Mix and knead. {Leave|Let stand} {till the next lesson, 1 hour|during the break, 15 minutes|while we clean up, 20 minutes}. Divide into 8. Roll. Cook 1 minute a side',
      'mix, knead, rest, divide, roll, cook 60+60',
    ],
    [
      '{1st day|Saturday|Step A|Part 1}: mix and knead 8 minutes{, rest 30 minutes|; rest 30 minutes|. Rest 30 minutes}. {2nd part|Then|Step B|Part 2}: divide into 8{, ball|; ball}{, rest 10 minutes|; rest 10 minutes}. {3rd part|Finally|Step C|Part 3}: roll to 18 cm{, cook|; cook} 1 minute a side',
      'mix, knead 8, rest 30, divide, ball, rest 10, roll, cook 60+60',
    ],
    [
      'Combine{, knead 8 min.|; knead 8 min.|, knead 8 mins.} {Rest ½ hr.|Rest 1/2 hr.|Rest 30 mins.} Divide 8. Roll 18 cm. {Cook 1 min. ea. side|Cook 1 min/side|Cook 1 min. per side|Bake 1 min. each side}',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      '{Hand-mix|Mix by hand|Mix with a fork}, {hand-knead|knead by hand|knead on the bench} 8 minutes, {bench-rest|rest on the bench|table rest} 30 minutes, {cut|chop|split} into 8, {hand-roll|roll by hand|roll with a pin} to 18 cm, {pan-bake|dry-fry|griddle-cook|griddle} 1 minute a side',
      'mix, knead 8, rest 30, divide, roll, cook 60+60',
    ],
    [
      'Mix the dough and {give it|let it have} {its|a} {half-hour rest|rest of half an hour|30-minute rest}. {Everyone|Each person|Each pupil} {cuts|takes|gets} {one piece|a piece of 100 g} and {rolls|rolls it out|rolls it} to 18 cm. {Cook|Bake} {in turn|one by one|at the griddle}, {1 minute|a minute} {a side|per side}',
      'mix, rest 30, divide, roll, cook 60+60',
    ],
  ],
};
