/** The same of the pieces and of the griddle. */
export const PIECES_TOLD_OTHERWISE: Readonly<Record<string, readonly (readonly [string, string])[]>> = {
  'Pieces and balls': [
    [
      '{Everyone|Each of you|Every pupil|Each student|Each pair} {should get|will get|ends up with|needs|cuts} {eight pieces|8 pieces|8 equal pieces}',
      'divide',
    ],
    [
      '{Count out|Get|You should get|You will have|You want|Aim for|Make sure you have} {8 pieces|eight equal pieces|8 even lumps}{ of dough|}',
      'divide',
    ],
    [
      '{The dough is|It is|The dough was|The lot is} {divided|cut|split|portioned|parted} {into|in} {8|eight}{ pieces| equal pieces| parts|}',
      'divide',
    ],
    [
      '{The dough makes|This makes|It makes|That gives} {8 pieces|eight pieces|8 portions} {of 100 g|of about 100 g|at 100 g each|, 100 g each}',
      'divide',
    ],
    [
      '{Halve|Cut in half|Divide in two|Split in half} {the dough|it}, {then halve each half|then again|and halve again}, {then again|and once more|and again}, {to get 8 pieces|giving 8 pieces|so you have 8|for 8 pieces}',
      'divide',
    ],
    [
      'Divide into 8. {The pieces are|They are|Each is|Each piece is} {rolled|shaped|formed|made|moulded|rounded} into {a ball|balls|tight balls|a smooth ball}',
      'divide, ball',
    ],
    [
      'Divide into 8. {Cup your hand|Cup your palm}{ and roll|, roll} each {into a ball|until round|into a tight ball|to a ball}',
      'divide, ball',
    ],
    [
      'Divide into 8. {Pull|Fold|Tuck|Bring|Draw} the {edges|corners|sides} {to the middle|into the centre|underneath|together at the bottom}{ to make a ball| so that you have a ball|, forming a ball|: a ball}',
      'divide, ball',
    ],
    [
      'Divide into 8 balls. {They rest|The balls rest|They are rested|The balls are left|They lie|They sit} {under a cloth |covered |}{for |}{10 minutes|ten minutes|about 10 minutes}',
      'divide, ball, rest 10',
    ],
    [
      'Divide into 8 balls{, | and |; }{leave them|let them lie|let them be|put them to bed|tray them up|line them up on a tray}{ for| covered for|, cover,} {10 minutes|ten minutes}',
      'divide, ball, rest 10',
    ],
    [
      "Divide into 8 balls. {Ten minutes' rest|10 minutes' pause|A 10-minute rest|Another rest, 10 minutes|Ten minutes under the cloth|Rest no. 2: 10 minutes|2nd rest 10 min}",
      'divide, ball, rest 10',
    ],
    [
      '{Pinch|Tear|Pull|Break|Twist|Nip|Cut} off {8 pieces|eight lumps|8 bits|pieces the size of an egg|egg-sized pieces|lumps the size of a golf ball|walnut-sized pieces}',
      'divide',
    ],
    [
      '{Tip|Turn|Scrape} the dough {out|onto the table|onto a floured board} and {divide|cut|portion} {it |}{into 8|with a scraper into 8|in 8 pieces}',
      'divide',
    ],
    ['{Shape|Form|Roll} {the dough |it |}into {8|eight} {balls|little balls}', 'ball'],
    [
      '{Weigh|Scale} {8 pieces|eight pieces} {of 100 g|at 100 g}{ and| and then|, then} {round|ball} {them|each|up}',
      'divide, ball',
    ],
    [
      '{Divide|Cut} {it |}into 8, {leave|keep|hold} {the ones|those|the pieces} you are not {using|working with|rolling} {covered|under a cloth}',
      'divide',
    ],
    [
      'Divide into 8 and {pre-shape|preshape|round up|round lightly}. {Bench rest|Rest on the bench|Rest, covered,} {15 minutes|15 min|for 15 minutes}',
      'divide, ball, rest 15',
    ],
    [
      '{Scale|Divide|Weigh} {at|into} 100 g{, | and |; }{round|mould round|ball up}{, | and |; }{rest|bench rest} {15|15 min|15 minutes}',
      'divide, ball, rest 15',
    ],
    [
      "{8 balls|Eight balls}{, | of 100 g, |: }{covered, 10 minutes|10 minutes under a cloth|10 minutes' rest|rest 10 minutes}",
      'ball, rest 10',
    ],
    [
      '{Give|Hand} {everyone|each student|each person} {a piece|two pieces|100 g of dough|their dough}{ and let them|; they|, to} {ball it up|shape it into a ball|make a ball}',
      'divide, ball',
    ],
    ['{Portion|Divide} {with a scoop|using an ice-cream scoop|with two spoons} into 8', 'divide'],
  ],
  'Rolling, shaping, filling': [
    [
      '{Each ball|Every ball|Each one|Each piece} {is|gets|was|is then} {rolled|rolled out|rolled thin} {to|into} {20 cm|a 20 cm circle|a thin disc}',
      'roll',
    ],
    [
      "{Now|Next|Then} {roll|roll out} {your ball|your piece|a ball|one} {to|into} {the size of a side plate|the size of a dinner plate|a hand's width|plate size|a big circle}",
      'roll',
    ],
    [
      '{Take|Grab|Pick up|Pick} {a ball|one ball|a piece}, {dip it in flour|flour it|dust it with flour|press it in flour}{ and roll|, roll|, then roll} {it |}{out |}{to|into} {20 cm|a disc|a thin round}',
      'roll',
    ],
    [
      '{Roll|Roll out} {half the thickness of a pencil|no thicker than 3 mm|no thinner than 3 mm|about as thick as a coin|as thick as a pound coin|the thickness of two coins|between 2 and 4 mm}',
      'roll',
    ],
    [
      '{Roll|Roll it|Roll each} {quarter turn by quarter turn|turning as you go|giving it a quarter turn each time|with short strokes|from the middle|with plenty of flour|under even pressure} {to|until it is|until} {20 cm|20 cm across|20 cm wide}',
      'roll',
    ],
    [
      '{Stretch|Pull|Tease|Coax|Ease} {it|each|the ball|each ball} {over your knuckles|over the backs of your hands|between your hands|over a cushion|by hand|with your fingertips} {to|until it is|into} {20 cm|a thin disc|20 cm wide}',
      'shape',
    ],
    [
      '{Pat|Slap|Clap} {it|each|the ball|each ball} {from hand to hand|from palm to palm|between your hands|between the palms|back and forth} {until|till|to} {20 cm|it is thin|it is 20 cm wide|flat}',
      'shape',
    ],
    [
      '{Flatten|Press} {slightly|a little|lightly}, {then|and then|and} {roll|roll out} {to 20 cm|into a disc|thin}',
      'roll',
    ],
    [
      '{Dimple|Poke|Press} {the surface|all over|the top|each disc}{ all over|} with {your fingertips|wet fingertips|oiled fingers|your fingers}',
      'shape',
    ],
    [
      '{Use|Take|With} {a tortilla press|the press|a press}{ and| to|,} {flatten|press} {each ball|each|them|the balls} {to 16 cm|into a disc|between two sheets of plastic|}',
      'shape',
    ],
    [
      '{Cut|Stamp|Punch} {out |}{rounds|circles|discs} {with a cutter|with a 10 cm cutter|with a glass|using a saucer}',
      'divide, roll',
    ],
    [
      '{Shape|Form|Pat} {each |them |}into {an oval|ovals|a teardrop|a tongue|long ovals|a leaf shape|a rough circle}{ 20 cm long| about 20 cm long|}',
      'shape',
    ],
    [
      '{Roll|Roll out} to 20 cm and {stack|pile|lay} {them |the discs |}{between sheets of paper|with flour between|with cling film between them|under a cloth|on a floured cloth}',
      'roll',
    ],
    [
      '{Roll|Roll out} {the first|one}; {while it cooks|as it bakes|while it is cooking}, {roll|roll out} the {next|second}',
      'roll',
    ],
    [
      '{Roll|Roll out} {the balls|each}, {rest|let rest|leave} {5 minutes|5 min}, and {roll|roll out} {again|once more|thinner}{ to 20 cm|}',
      'roll, rest 5, roll',
    ],
    [
      '{Start|Begin} {with your fingers|with the palm|by hand}{ and|, then} {finish|continue|go on} with {a rolling pin|the pin} {to 20 cm|until 20 cm wide}',
      'roll',
    ],
    [
      '{Press|Flatten} to {10 cm|a small disc}, {rest|leave} {5 minutes|5 min}, {then roll|roll|and roll} to 20 cm',
      'shape, rest 5, roll',
    ],
    [
      '{Everyone rolls|Each student rolls|Students roll out|The pupils roll out} {their own|two balls|their balls} {to 20 cm|to a disc}',
      'roll',
    ],
    [
      '{Roll|Roll out} {into a strip|into a long oval|into a rectangle|into a square} {of 20 by 10 cm|20 cm long|}',
      'roll',
    ],
    [
      '{Spread the batter|Pour the batter|Ladle the batter} {thinly |}{on|onto|over} the {griddle|pan}{ and swirl| in a spiral|} to {20 cm|a 20 cm round}',
      'shape',
    ],
  ],
  'Layers and fillings': [
    [
      '{Put|Place|Spread|Spoon} {the filling|filling} {on|over|onto} {one half|half} {of each disc|of each|}{, fold over| and fold over}{ the other half|}',
      'fill, shape',
    ],
    [
      '{Brush|Spread|Smear} {with butter|with ghee|with oil|thinly with butter}{, fold| and fold|; fold} {in half|in half and in half again|into quarters|into a triangle|into a square|like a letter}',
      'fill, shape',
    ],
    [
      '{Brush|Spread|Smear} {with butter|with ghee|with oil}{, dust with flour|, sprinkle with flour|}{, roll| and roll|; roll} up {tightly |like a cigar |}and {coil|twist into a spiral|curl round like a snail|wind into a coil}',
      'fill, coil',
    ],
    [
      '{Press a hollow|Press your thumb into the ball|Shape into a cup}{, put in the filling| and spoon in the filling} {and close|and seal|, pinch to close|, gather the edges and pinch}',
      'fill',
    ],
    ['{Sandwich|Put|Spread} the filling between two {discs|rounds} and {press|seal|pinch|crimp} the edges', 'fill'],
    [
      '{Top|Cover|Spread} {each |the discs }with {the cheese|tomato|the spice mix|the minced lamb|onion and seeds}',
      'fill',
    ],
    [
      '{Fry|Soften|Cook} the {onions|onion and garlic} in {butter|oil} until {soft|golden}. {Put|Place} {a spoonful|some of it|a heap} in the {middle|centre} of each {disc|round} and {seal|close}',
      'prepare, fill',
    ],
    [
      '{For the filling|Filling}: {mash the potatoes with the spices|mix the cheese with the herbs|fry the mince until brown|chop the spinach and mix with feta}. Roll to 12 cm, {fill|put the filling in the middle}, {close|seal|pinch shut} and {roll|roll out} again to 18 cm',
      'prepare, roll, fill, roll',
    ],
    [
      '{Roll|Roll out} {thin|to 20 cm}, {brush with|spread with} {ghee|butter|oil}, {fold into a square|fold in four|fold twice|fold like an envelope} and {roll|roll out} {again|to 15 cm}',
      'roll, fill, shape, roll',
    ],
    [
      '{Sprinkle|Scatter|Strew} the {seeds|sesame|nigella} on {the bench|the table|the board} and roll the {balls|dough} {on|over|in} them{ to 20 cm| into discs|}',
      'fill, roll',
    ],
    ['{Wet the tops|Brush the tops with water|Spray with water} and {press|dip} {in|into} the {seeds|sesame}', 'fill'],
    [
      'Roll to 15 cm. {Spoon|Spread} {the meat|the lamb mixture|the topping|the onion mix} {thinly |}{over|on} {each|the rounds|each disc}{ right to the edge|, leaving a border|}',
      'roll, fill',
    ],
    [
      'Roll to 15 cm. {Prick|Dock} {all over|with a fork|well} {and|, then} brush with {oil|melted butter}',
      'roll, fill',
    ],
  ],
  'On the griddle': [
    [
      '{The breads cook|They cook|Each cooks|It cooks|The bread cooks|Each one takes|They need|Each needs|They want|It bakes|They bake} {for |}{1 minute|about 1 minute|a minute|60 seconds} {on each side|a side|per side|each side}{ on a hot griddle| in a dry pan|}',
      'cook 60+60',
    ],
    [
      '{They are|Each is|The breads are|It is} {cooked|baked|fried|griddled|toasted} {for |}{1 minute|60 seconds|a minute} {on each side|a side|per side}{ on a hot griddle| in a dry pan|}',
      'cook 60+60',
    ],
    [
      '{Into the hot pan|Onto the griddle|Onto the hot plate|On to the tawa|Into a dry skillet}{ it goes|} {for 1 minute|for 60 seconds|for a minute}, {then over|turn|flip}{ for| and give it| and} {45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake|Griddle} {first side|the first side|one side|the first} {for |}{1 minute|60 s|a minute}{, second side| and the second|, the other| and the other side} {for |}{45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{After|When} {1 minute|a minute|60 seconds} {turn|flip} {it|them}{; after another| and after| and take it off after}{ another|} {45 seconds|45 s}{ it is done|}',
      'cook 60+45',
    ],
    [
      '{Count to sixty|Count 60|Count slowly to 60}, {turn|flip}, {count to 45|count another 45|count forty-five}{ and it is done|}',
      'cook 60+45',
    ],
    [
      '{Sixty seconds|60 seconds|A minute}, {turn|flip|over}, {forty-five|45 more|45|another 45|forty-five more}{ seconds|}',
      'cook 60+45',
    ],
    [
      '{Cook|Griddle|Bake} {until the first side has brown spots|until spotted underneath|till the underside is speckled}{: |, |; }{about a minute|roughly 1 minute|a minute or so|60 seconds}. {Flip and|Turn and|Turn over,} {cook|give it|bake} {the other side|another} {for |}{45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{A minute a side|1 minute each side|60 seconds per side|One minute per side} {is enough|will do|does it|should do|is plenty|and done|in a dry pan|on full heat|, no more}',
      'cook 60+60',
    ],
    [
      "{Don't|Do not|Never} {overcook|burn|leave} {them|it}: {1 minute per side|a minute each side|60 seconds a side} {is enough|will do|is plenty}",
      'cook 60+60',
    ],
    [
      '{Cook|Bake} {in batches|two at a time|in twos|four at a time|one by one|one after the other|several at once}{, for|,} {1 minute|60 s|a minute} {per side|on each side|a side}',
      'cook 60+60',
    ],
    [
      '{Flip|Turn} {after|at} {1 minute|60 seconds|a minute}{, take off|, remove|, lift off| and take off} at {2 minutes|120 seconds|two minutes}',
      'cook 60+60',
    ],
    [
      '{Cook|Bake} {2 minutes|for 2 minutes|two minutes}{, flipping| turning|, turning} {every 30 seconds|each half minute|every half minute}',
      'cook 30+30+30+30',
    ],
    [
      '{Cook|Griddle} {1 minute|60 s}, {flip|turn}, {1 minute|60 s}, {flip|turn} {and press with a cloth|and press gently|and press the edges} {for |}{15 seconds|15 s}{ until it puffs| so that it balloons|}',
      'cook 60+60+15',
    ],
    [
      '{Grease|Oil|Butter|Wipe} the {pan|griddle} {lightly |}{and |, }{cook|fry} {for |}{1 minute|60 s} {per side|on each side}{, adding oil as needed|, greasing again between breads|}',
      'cook 60+60',
    ],
    [
      '{Cook|Fry} in {a little oil|shallow oil|a film of ghee|2 mm of oil|hot oil} {for |}{1 minute|60 s} {per side|on each side}{, and drain on paper| until golden|}',
      'cook 60+60',
    ],
    [
      '{Pan|Griddle|Plate|Stone} {at|to} {230 °C|220–240 °C|450 °F}{: |, |; }{1 minute|60 s|60 seconds} {per side|each side|a side}',
      'cook 60+60',
    ],
    [
      '{Bake|Cook} {on the griddle|in the pan} {1 minute|60 s}, {then in the oven|then into a hot oven|finish in the oven|then under the grill} {for |}{3 minutes|3 min}',
      'cook 60+180',
    ],
    [
      '{Cover|Put a lid on|Lid on} and {cook|bake|let cook} {for |}{1 minute|60 s}, {turn|flip}, {45 seconds|45 s} {without the lid|uncovered|with the lid off}',
      'cook 60+45',
    ],
    [
      '{When|As soon as|Once} {it puffs|it balloons|it blows up like a balloon}{, remove|, take it off|, lift it out|, it is ready| it is done}',
      'cook 75+50',
    ],
    [
      '{Cook|Bake} {until done|until cooked through|until golden on both sides|until both sides are speckled}{, | - |: }{2 minutes in all|about 2 minutes altogether|2 minutes in total}',
      'cook 60+60',
    ],
    [
      '{Cook|Bake} the {side|first side} {for |}{1 minute|60 s}, the {second|other} {for |}{45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{Cook|Griddle} {each|each bread} {3 times|three times}: {30 s, turn, 60 s, turn, 15 s|30 seconds, flip, 60 seconds, flip, 15 seconds}',
      'cook 30+60+15',
    ],
    [
      '{Keep|Leave} {it|them} on the {griddle|pan} for {1 minute|60 seconds}, {turn|flip}, {and another 45 seconds|45 seconds more}',
      'cook 60+45',
    ],
    [
      '{Cook time|Cooking time|Baking time|Time on the griddle}{: | }{1 minute a side|1 min per side|60 s each side|2 x 60 s}',
      'cook 60+60',
    ],
    [
      'Cook {1 minute|60 s}, flip, {spread with|brush with|top with} {butter|cheese|oil}, {cook|and cook} {45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake} {1 minute on the first side|the first side for 1 minute}. {Flip|Turn}. {Cook|Bake} {45 seconds on the second|the second side for 45 seconds}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake} {on high|on high heat|over a fierce heat|on full heat} {1 minute|60 s} {and|then} {turn down|lower the heat|reduce the heat}, {turn|flip} and {cook|bake} {for |}45 {seconds|s}',
      'cook 60+45',
    ],
    [
      '{Heat|Preheat} the griddle {to 220 °C|until a drop of water dances|for 10 minutes} and {cook|bake} {for |}{1 minute|60 s} {a side|per side}',
      'cook 60+60',
    ],
    [
      '{Cook|Bake} {1 minute|60 s} {lid on|under the lid|covered}, {turn|flip}, {45 seconds|45 s} {lid off|open|uncovered}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake} {dry|without fat|without oil|in a dry pan} {for |}{1 minute|60 s} {on each side|per side|both sides}',
      'cook 60+60',
    ],
    [
      '{Cook|Fry} {on|over} {medium-high|medium|a moderate heat|low heat} {for |}{1 minute|60 s}, {turn|flip}, {press|press down} {with a spatula|with a cloth|gently} {for |}{45 seconds|45 s}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake} {one after another|one at a time|two by two}, {1 minute|60 s} {then|and} {45 seconds|45 s} {on the other side|after turning|once turned}',
      'cook 60+45',
    ],
    [
      '{Cook|Bake} {15 seconds|15 s}, {turn|flip}, {45 seconds|45 s}, {turn|flip}, {until puffed|till it puffs|until it balloons}{, 30 seconds|, about 30 seconds| (30 s)}',
      'cook 15+45+30',
    ],
    [
      '{Bubbles come up after|It blisters after|Bubbles appear within} {30 seconds|30 s}; {turn it|flip it|turn} and {cook|give it} {45 seconds|45 s}',
      'cook 30+45',
    ],
    [
      '{Cook|Bake} for {1 minute|60 s} {on side A|on the smooth side|on the floured side|seam side down|face down} and {45 seconds|45 s} on {side B|the other|the rough side|the back}',
      'cook 60+45',
    ],
    [
      '{Turn|Flip} {when|once} {bubbles appear|it bubbles|brown spots show}, {about 1 minute|after roughly 1 minute|in about 60 seconds}; {the other side takes|second side} {45 seconds|45 s}',
      'cook 60+45',
    ],
  ],
  'Once it is cooked': [
    [
      '{Straight from the griddle|Off the heat|Once off the griddle|Still hot|As they come off|Fresh from the pan}{, brush|, spread|, rub} {with butter|with ghee|each with butter}',
      'finish',
    ],
    ['{The hot breads are|They are|Each is} {brushed|spread|painted} with {butter|ghee|melted butter}', 'finish'],
    [
      '{Stack|Pile|Keep} {the cooked ones|the finished breads|the cooked breads|those that are done} {in a cloth|under a towel|wrapped in a tea towel|in a covered basket}{ so they stay soft| to keep soft|}',
      'finish',
    ],
    ['{Cut|Tear|Slice} {each |the bread |them |}{into wedges|into strips|into quarters}{ and serve| to serve|}', ''],
    ['{Good|Lovely|Best|Delicious|Nice} {with soup|with cheese|with lentils|with butter and jam|warm}', ''],
    [
      '{Let|Leave} {them|it} {cool|stand|rest} {for |}{5 minutes|a few minutes|10 minutes} {before serving|before you eat|before cutting|before you cut}',
      '',
    ],
    [
      '{Wash up|Clear the table|Wipe down the benches|Turn off the gas|Clean the griddle}{ while they cool| at the end| afterwards|}',
      '',
    ],
    [
      '{Freeze|Keep|Store} {any left over|what is left|the rest|leftovers} {in a bag|in a tin|for up to a month|for 2 days}',
      '',
    ],
    ['{Split|Cut|Slice} {open |}{along one side|at the edge|through the middle} and {fill|stuff|serve}', ''],
    ['{Serve|Eat} {within the hour|straight from the pan|as soon as they are made|with the dip|with soup}', ''],
    [
      '{Reheat|Warm up} {in a dry pan|for 20 seconds per side|in the oven at 180 °C|for 1 minute} {before serving|the next day|when needed}',
      '',
    ],
    [
      '{Rub|Brush} {with a cut clove of garlic|with garlic butter|with olive oil and salt} {while hot|at once|straight away}',
      'finish',
    ],
  ],
};
