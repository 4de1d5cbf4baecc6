import type { OwnNote } from '../reading.ts';

/** Sheets as they are pinned up over a bench: handouts, cards, tables, pages. All people, places and formulas are invented. */
export const PINNED_UP: readonly OwnNote[] = [
  {
    text: `Naan for Thursday's group

You will need:
- strong white flour, 450g (plus a bit for the worktop)
- natural yoghurt, 120g
- warm milk, 140ml
- dried active yeast, 7g sachet
- caster sugar, 1 tsp
- fine salt, 8g
- ghee, 30g, melted
- nigella seeds, to finish

What we do
• Stir yeast and sugar into the milk; wait 10 minutes until frothy.
• Tip flour and salt into a bowl, add the yeasty milk, yoghurt and half the ghee.
• Knead 8-10 minutes. Smooth & elastic!
• Oil the bowl, cover, leave somewhere warm till doubled (1 – 1½ hrs).
• Knock back. 8 pieces. Rest 10 mins under a tea towel.
• Roll into tear shapes about 20cm long.
• Heat pan till smoking. Cook 1-2 mins until bubbles, flip, 1 min more.
• Brush with the rest of the ghee & sprinkle on nigella.`,
    dough:
      'strong white flour 100, natural yoghurt 26.67, warm milk 32.04, dried active yeast 1.56, caster sugar 0.92, fine salt 1.78, ghee 3.33',
    outside: 'strong white flour, for the worktop 5 dust, ghee 1.88 finish, nigella seeds 4 finish',
    piece: '90.8 g, 20 cm',
    steps: 'mix, bloom 10, mix, knead 9, proof 75, knead 1, divide, rest 10, roll, cook 90+60, finish',
    left: ['Smooth & elastic!'],
  },
  {
    text: `PIADINA — class sheet 4
Flour 00 .......... 500 g
Lard .............. 75 g
Salt .............. 10 g
Bicarb ............ 4 g
Water ............. 210 g
Total ............. 799 g = 6 x 130 g

Rub the lard in. Water, salt, bicarb. Knead 6 min. Film, 30 min at room temp (or overnight in the fridge; take it out 1 hr before).
6 balls; 15 min.
Roll to 24 cm / 2 mm. Prick with a fork.
Testo or heavy skillet, 2 min in all, turning every 30 sec.`,
    dough: 'flour 00 100, lard 15, salt 2, bicarb 0.8, water 42',
    outside: '',
    piece: '130 g, 24 cm',
    steps: 'mix, knead 6, rest 30, ball, rest 15, roll, cook 30+30+30+30',
    left: ['Water, salt, bicarb.'],
  },
  {
    text: `Corn tortillas. Masa harina 100%; water 150%; salt 1%. Mix by hand until like modelling clay, 3 minutes. Cover with a damp cloth 20 minutes. Portion into 30 g balls. Press between plastic to 14 cm. Comal 220 C: 20 s, turn, 45 s, turn, 15 s until it puffs. Keep warm in a cloth.`,
    dough: 'masa harina 100, water 150, salt 1',
    outside: '',
    piece: '30 g, 14 cm',
    steps: 'mix, rest 20, divide, ball, shape, cook 20+45+15, finish',
    left: [],
  },
  {
    text: `<!DOCTYPE html><html><head><title>Turkish flatbread (bazlama) | The Kneading Room</title><script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebSite","name":"The Kneading Room"},{"@type":"Recipe","name":"Bazlama","recipeYield":["6","6 breads"],"prepTime":"PT20M","cookTime":"PT30M","totalTime":"PT2H20M","recipeIngredient":["500 g bread flour","1 tsp instant yeast","9 g salt","150 g plain yogurt","180 ml lukewarm water","2 tbsp olive oil"],"recipeInstructions":[{"@type":"HowToSection","name":"Dough","itemListElement":[{"@type":"HowToStep","text":"Mix everything to a soft dough and knead for 7 minutes."},{"@type":"HowToStep","text":"Cover and prove for 1 hour."}]},{"@type":"HowToSection","name":"Breads","itemListElement":[{"@type":"HowToStep","text":"Divide into 6, shape into balls and rest 15 minutes."},{"@type":"HowToStep","text":"Flatten to 18 cm discs, 1 cm thick. Prove for another 15 minutes."},{"@type":"HowToStep","text":"Cook in a dry cast-iron pan on medium heat, 3 minutes on each side."}]}]}]}</script></head><body><h1>Bazlama</h1><p>My grandmother made these on a sheet of iron for 50 years.</p></body></html>`,
    dough: 'bread flour 100, instant yeast 0.63, salt 1.8, plain yogurt 30, lukewarm water 36, olive oil 5.02',
    outside: '',
    piece: '140.3 g, 18 cm',
    steps: 'mix, knead 7, proof 60, divide, ball, rest 15, shape, proof 15, cook 180+180',
    left: [],
  },
  {
    text: `Msemen (filled with onions)
For the dough: 350 g fine semolina, 150 g flour, 8 g salt, 5 g yeast, 320 g water.
For the filling: 2 onions, finely chopped; 50 g butter; 1 tsp paprika; 1 tsp cumin; salt.
For folding: oil and semolina.
Knead the dough for 12 minutes. Form 12 balls and let them rest for 20 minutes in oil. Meanwhile cook the onions with the butter and spices for 10 minutes and leave to cool. Flatten a ball with oiled hands until paper thin, sprinkle semolina, spread a spoonful of filling and fold into a square. Rest 10 minutes. Flatten a little and cook on a medium-hot plate for 3 minutes per side.`,
    dough: 'fine semolina 70, flour 30, salt 1.6, yeast 1, water 64',
    outside:
      'onions 18.33 fill, butter 4.17 fill, paprika 0.19 fill, cumin 0.19 fill, salt 3 fill, oil and semolina 6 layer',
    piece: '67.4 g, 14 cm',
    steps: 'mix, knead 12, ball, rest 20, prepare, shape, fill, fill, shape, rest 10, shape, cook 180+180',
    left: [],
  },
  {
    text: `Scan 0012
FLATBREADS WITH
YOGHURT (Makes 6)
250g self-rais-
ing flour
250g natural yog-
hurt
1/2 tsp salt
Mix all the ingred-
ients in a bowl. Knead
for 2 min. Divide in-
to 6, roll to 12cm.
Griddle 2 min each
side over a high heat.`,
    dough: 'plain flour 100, baking powder 5, natural yoghurt 105, salt 1.28',
    outside: '',
    piece: '81.4 g, 12 cm',
    steps: 'mix, knead 2, divide, roll, cook 120+120',
    left: [],
  },
  {
    text: `Farinata: chickpea flour 300 g, water 900 g, olive oil 60 g, salt 8 g. Whisk. Stand 4 h at least, skim. Pour into 3 oiled 28 cm tins (5 mm deep). Oven 250 °C 20 min till golden.`,
    dough: 'chickpea flour 100, water 300, olive oil 20, salt 2.67',
    outside: '',
    piece: '410.4 g, 28 cm',
    steps: 'mix, rest 360, divide, shape, cook 720+480',
    left: [],
  },
  {
    text: `Ingredient | % | 8 people | 12 people
Bread flour | 85 | 680 g | 1020 g
Wholemeal | 15 | 120 g | 180 g
Water | 65 | 520 g | 780 g
Olive oil | 4 | 32 g | 48 g
Salt | 2 | 16 g | 24 g
Instant yeast | 0,8 | 6,4 g | 9,6 g

Two breads each at 85 g.
Mix 5 min, autolyse 20 min without salt, then salt in, knead 5 min. Bulk 75 min. Divide, preshape, 20 min. Roll out 17 cm. Griddle 230 °C, 90 s + 60 s.`,
    dough: 'bread flour 85, wholemeal 15, water 65, olive oil 4, salt 2, instant yeast 0.8',
    outside: '',
    piece: '85 g, 17 cm',
    steps: 'mix, rest 20, mix, knead 5, proof 75, divide, ball, rest 20, roll, cook 90+60',
    left: [],
  },
  {
    text: `Lefse (potato)
1 lb potatoes, boiled and riced (cold)
2 oz butter
1/4 cup cream
1 tsp salt
1 1/2 cups flour
Stir butter, cream and salt into the potatoes while still warm; chill overnight. Next day work in the flour. Divide into 12, form into balls, keep cold. Roll as thin as possible, 10 in. Bake on a dry griddle 450 F for 1 min, turn with the stick, 1 min. Stack between towels.`,
    dough: 'potatoes 252, butter 31.5, cream 31.53, salt 3.33, flour 100',
    outside: '',
    piece: '60.9 g, 25.4 cm',
    steps: 'mix, chill 600, mix, divide, ball, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `LAVASH CRACKER-STYLE & SOFT
Strong flour 100 % / water 60 % / oil 5 % / sugar 1,5 % / salt 1,8 % / dry yeast 0,7 %
Total flour 1,2 kg → 2,03 kg dough → 20 pieces à 100 g
TA 160
Mixing: 3 min slow + 6 min fast; dough temp 25 °C
Floor time: 50 min
Scaling, rounding, 15 min bench rest
Rolling 30 x 25 cm, 2 mm
Oven 280 °C / 2 min`,
    dough: 'strong flour 100, water 60, oil 5, sugar 1.5, salt 1.8, dry yeast 0.7',
    outside: '',
    piece: '100 g, 30 cm',
    steps: 'mix, proof 50, divide, ball, rest 15, roll, cook 72+48',
    left: ['TA 160', 'Total flour 1.2 kg', '2.03 kg dough', 'roll 30 cm x 25 cm'],
  },
  {
    text: `<table><thead><tr><th>Step</th><th>What</th><th>How long</th></tr></thead><tbody><tr><td>1</td><td>Mix flour (1000 g), water (620 g), yeast (8 g), salt (20 g), olive oil (30 g)</td><td>4 min</td></tr><tr><td>2</td><td>Knead</td><td>8 min</td></tr><tr><td>3</td><td>Bulk proof, covered</td><td>1 h 15</td></tr><tr><td>4</td><td>Divide into 16 and ball</td><td>5 min</td></tr><tr><td>5</td><td>Bench rest</td><td>20 min</td></tr><tr><td>6</td><td>Roll to 18 cm</td><td></td></tr><tr><td>7</td><td>Bake on stone at 270 °C</td><td>4 min</td></tr></tbody></table>`,
    dough: 'flour 100, water 62, yeast 0.8, salt 2, olive oil 3',
    outside: '',
    piece: '101.8 g, 18 cm',
    steps: 'mix, knead 8, proof 75, divide, ball, rest 20, roll, cook 144+96',
    left: [],
  },
  {
    text: `No-yeast flatbreads (serves 4, makes 8). Ingredients: 350g self raising flour, plus extra for dusting; 1 tsp baking powder; 350g natural yoghurt. For the garlic butter: 100g butter; 2 cloves of garlic, crushed; handful of parsley, chopped. Method: 1. Put all the flatbread ingredients into a bowl and mix together with a spoon, then use your hands to pat and bring everything together. 2. Dust a clean surface with flour, tip out the dough and knead for a minute or so. Put into a floured bowl and cover with a plate. Leave aside. 3. Put the garlic, butter and herbs into a pan, melt gently, put aside. 4. Divide the dough in half, then divide each half into 4 equal pieces. 5. With your hands, pat and flatten the dough, then use a rolling pin to roll each piece into 12cm rounds, roughly 2mm thick. 6. Place a griddle pan on a high heat, then once it's really hot, cook each round for 1 to 2 minutes on each side, or until bar-marked and puffed up. 7. Brush both sides with the herby butter and serve.`,
    dough: 'plain flour 100, baking powder 6.22, natural yoghurt 105',
    outside: 'self raising flour, for dusting 5 dust, butter 12.5 finish, garlic 1 finish, parsley 3.75 finish',
    piece: '85.4 g, 12 cm',
    steps: 'mix, knead 1, rest 30, prepare, divide, roll, cook 90+90, finish',
    left: ['Put into a floured bowl and cover with a plate.'],
  },
  {
    text: `Pupusas 
 masa harina ........... 400 g
 warm water ............ 560 g
 salt .................. 6 g
 filling: refried beans  200 g
          cheese, grated 160 g
 makes 10; 95 g dough + 35 g filling each
 1. mix, knead 2 min, rest 10 min covered
 2. 10 balls
 3. cup in the palm, fill, pinch shut, pat out to 11 cm / 1 cm
 4. comal, medium, 4 min + 4 min`,
    dough: 'masa harina 100, warm water 140, salt 1.5',
    outside: 'refried beans 20 fill, cheese 16 fill',
    piece: '93.8 g, 11 cm',
    steps: 'mix, knead 2, rest 10, ball, fill, shape, cook 240+240',
    left: [],
  },
  {
    text: `Tlayuda-type tortilla, big: nixtamal masa 1 kg (fresh), salt 8 g, water as needed. Knead till it doesn't crack. 90 g balls. Press, then thin by hand to 30 cm. Clay comal over coals, 1 min, turn, 1 min, then dry at the edge of the fire 10 min till leathery.`,
    dough: 'nixtamal masa 100, salt 0.8, water as needed 60',
    outside: '',
    piece: '90 g, 30 cm',
    steps: 'mix, knead 8, ball, shape, cook 60+60+600',
    left: [],
  },
  {
    text: `Knäckebröd day
Rye 500 g, wheat 250 g, water 480 g, fresh yeast 20 g, salt 14 g, caraway 5 g
1. Dissolve yeast in the water. Add everything. Mix 8 minutes, low speed
2. Rise 45 minutes
3. Pieces 100 g, ball, 10 minutes
4. Roll with knobbly pin to 25 cm, hole in the middle 4 cm
5. Rise again 20 minutes
6. 250 degrees, 5-6 minutes
7. Hang up, dry at 50 degrees 6 hours`,
    dough: 'rye 66.67, wheat 33.33, water 64, fresh yeast 2.67, salt 1.87, caraway 0.67',
    outside: '',
    piece: '100 g, 25 cm',
    steps: 'mix, proof 45, divide, ball, rest 10, roll, proof 20, cook 198+132',
    left: ['Hang up, dry at 50 degrees 6 hours', 'hole in the middle 4 cm'],
  },
  {
    text: `kulcha w/ potato stuffing // 8 pcs
DOUGH maida 500 curd 100 milk 180 salt 8 sugar 10 b.powder 6 soda 1 oil 20
STUFFING boiled potato 350 onion 60 green chilli 2 coriander handful chaat masala 1tsp salt
soft dough, rest 2 hr
8 balls dough 100, 8 balls stuffing 55, rest 10
stuff, seal, roll 16cm
wet one side, stick coriander, tawa wet side down, lid, 1 min, flip tawa over flame 1 min
butter`,
    dough: 'maida 100, curd 20, milk 36, salt 1.6, sugar 2, baking powder 1.2, soda 0.2, oil 4',
    outside:
      'boiled potato 43.75 fill, onion 7.5 fill, green chilli 3.75 fill, coriander handful chaat masala 0.28 fill, butter, to finish 4 finish',
    piece: '100.1 g, 16 cm',
    steps: 'mix, rest 120, ball, rest 10, fill, roll, cook 60+60, finish',
    left: [],
  },
  {
    text: `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>Soft Yogurt Flatbreads - Flour & Friends</title><style>.x{color:red}</style></head><body><nav><a>Home</a><a>Recipes</a><a>Shop</a></nav><main><h1>Soft Yogurt Flatbreads</h1><p class="byline">by Ana | Updated March 3 | 42 Comments</p><p>These are the flatbreads I make at least twice a week. You need only 15 minutes.</p><div class="ad">Save 20% on stand mixers!</div><div class="recipe-card"><h2>Soft Yogurt Flatbreads</h2><div>Prep: 10 mins</div><div>Cook: 15 mins</div><div>Yield: 6 flatbreads</div><h3>Ingredients</h3><ul><li>2 cups (250 g) all-purpose flour</li><li>2 tsp baking powder</li><li>&frac34; tsp kosher salt</li><li>1 cup (245 g) plain whole-milk yogurt</li><li>2 Tbsp. olive oil, divided</li></ul><h3>Instructions</h3><ol><li>Whisk flour, baking powder, and salt in a large bowl. Add yogurt and 1 Tbsp. oil and stir with a fork until a shaggy dough forms.</li><li>Turn out onto a floured surface and knead until smooth, about 2 minutes. Cover with the bowl and let sit 10 minutes.</li><li>Divide into 6 pieces and roll each out to a 7" round.</li><li>Heat remaining oil in a cast-iron skillet over medium-high. Cook flatbreads one at a time until puffed and charred in spots, 1½–2 minutes per side.</li></ol></div><section id="comments"><h3>42 Comments</h3><p>Jo: I used 3 cups whole wheat flour and added 1 egg.</p></section></main><footer>© Flour & Friends</footer></body></html>`,
    dough: 'all-purpose flour 100, baking powder 3.25, kosher salt 1.37, plain whole-milk yogurt 98, olive oil 10.04',
    outside: 'plain flour, for the bench 5 dust',
    piece: '86 g, 17.8 cm',
    steps: 'mix, knead 2, rest 10, divide, roll, cook 105+105',
    left: [
      'by Ana  Updated March 3  42 Comments',
      'These are the flatbreads I make at least twice a week. You need only 15 minutes.',
      'Prep: 10 mins',
      'Cook: 15 mins',
      'Heat remaining oil in a cast-iron skillet over medium-high.',
      'Add yogurt and 1 tbsp oil and stir with a fork until a shaggy dough forms.',
    ],
  },
  {
    text: `Naan – baker's percentages only
Flour 100
Yogurt 28
Milk 25
Water 8
Ghee 5
Sugar 2
Salt 1.8
Instant yeast 0.9
Desired dough temp 26 °C. Spiral: 4 + 5 min. First proof 75 min, scale 130 g, ball, second proof 25 min. Stretch to an oval 24 x 14 cm. Tandoor 90 s / or stone 300 °C 3 min. Ghee.`,
    dough: 'flour 100, yogurt 28, milk 25, water 8, ghee 5, sugar 2, salt 1.8, instant yeast 0.9',
    outside: '',
    piece: '130 g, 24 cm',
    steps: 'mix, proof 75, divide, ball, proof 25, shape, cook 54+36',
    left: ['Ghee.', 'Stretch to an oval 24 cm x 14 cm.', 'Tandoor 90 s / or stone 300 °C 3 min.'],
  },
  {
    text: `One glass (250 ml) of yoghurt, three glasses of flour, half a glass of oil, a teaspoon of salt and a packet of baking powder (10 g). Everything into the bowl and worked with the hand until it no longer sticks. Covered with a cloth for twenty minutes. Then lumps like a mandarin, about twelve, pressed to a hand's width, in a dry pan three minutes on the one side and two on the other.`,
    dough: 'yoghurt 86.26, flour 100, oil 30.23, salt 2, baking powder 3.29',
    outside: '',
    piece: '81.9 g, 17.4 cm',
    steps: 'mix, rest 20, divide, shape, cook 180+120',
    left: [],
  },
  {
    text: `Recipe card No. 14          Date: 12/03
Product: GARLIC FLATBREAD   Batch: 40 pcs
------------------------------------------
Ingredient        kg        %
Flour T550        3,000     100
Water             1,860     62
Salt              0,060     2
Yeast fresh       0,060     2
Olive oil         0,150     5
Garlic granules   0,030     1
TOTAL             5,160
------------------------------------------
Kneading: 4' / 6'     Dough temp: 26°C
Bulk: 45'             Scaling: 125 g
Interm. proof: 15'    Sheeting: 4 mm
Final proof: 30'      Baking: 250°C 7'`,
    dough: 'flour T550 100, water 62, salt 2, fresh yeast 2, olive oil 5, garlic granules 1',
    outside: '',
    piece: '125 g, 23 cm',
    steps: 'mix, proof 45, divide, proof 15, roll, proof 30, cook 252+168',
    left: [],
  },
  {
    text: `"PANE CARASAU"  (thin, twice baked)
500g re-milled durum semolina, 250g water plus 40g more if it wants it, 8g salt, 3g fresh yeast
Dissolve the yeast in the water; semolina; knead 10 min; salt; knead 5 min
2 hrs covered
10 pieces x 80g. Balls. 1 hr
Roll to 30cm, stack between cloths, 30 min
Very hot oven (stone, 300C) - 40 sec, puffs like a ball - take out, cut round the edge into two sheets - second bake 60 sec to crisp`,
    dough: 're-milled durum semolina 100, water 50, salt 1.6, fresh yeast 0.6',
    outside: '',
    piece: '80 g, 30 cm',
    steps: 'mix, knead 10, knead 5, proof 120, divide, ball, rest 60, roll, rest 30, cook 40+60',
    left: [],
  },
  {
    text: `{"@context":"http://schema.org","@type":["Recipe"],"name":"Garlic &amp; Herb Flatbread","author":{"@type":"Person","name":"K."},"recipeYield":"Makes 4 large","totalTime":"PT1H40M","recipeIngredient":["300g/10½oz strong white flour, plus extra for dusting","1 tsp fast-action dried yeast","1 tsp salt","200ml/7fl oz lukewarm water","1 tbsp olive oil","50g/1¾oz butter, softened","2 garlic cloves, crushed","1 tbsp chopped parsley"],"recipeInstructions":"<p>Mix the flour, yeast and salt. Add the water and oil. Knead for 10 minutes.</p><p>Cover and leave for 1 hour or until doubled.</p><p>Divide into 4. Roll each to about 20cm/8in.</p><p>Heat a frying pan. Cook for 2-3 minutes each side.</p><p>Mash the butter with the garlic and parsley, spread over the hot breads.</p>"}`,
    dough: 'strong white flour 100, fast-action dried yeast 1.05, salt 2.03, lukewarm water 66.67, olive oil 4.18',
    outside:
      'strong white flour, for dusting 5 dust, butter 12.5 finish, garlic cloves 2 finish, chopped parsley 0.63 finish',
    piece: '126.6 g, 20 cm',
    steps: 'mix, knead 10, proof 60, divide, roll, cook 150+150, prepare, finish',
    left: [],
  },
  {
    text: `WEEK 3: TORTILLAS DE HARINA
Per pair (8 tortillas)
harina / flour 250g
manteca / lard 50g
sal / salt 5g
agua / hot water 125g
i) rub ii) water, 50 °C iii) knead 5 mins iv) 8 balls v) rest 30 mins vi) roll thin 18cm vii) comal 30s/side, bubbles = done`,
    dough: 'flour 100, lard 20, salt 2, hot water 50',
    outside: '',
    piece: '52.2 g, 18 cm',
    steps: 'mix, mix, knead 5, ball, rest 30, roll, cook 30+30',
    left: [],
  },
  {
    text: `The dough we made on Saturday (you asked!)
- 1.2 kg bread flour
- 780 g water (65 %)
- 24 g salt
- 4 g dry yeast (yes, only 4)
- 36 g oil
mixed at 9.00, folded at 9.30 and 10.00, balled at 11.30 (18 balls, a bit over 110 g), rolled and cooked from 12.15. 2 minutes a side on the plancha, a bit less for the second.`,
    dough: 'bread flour 100, water 65, salt 2, dry yeast 0.33, oil 3',
    outside: '',
    piece: '76.3 g, 20.8 cm',
    steps: 'mix, proof 30, fold, proof 30, fold, proof 90, ball, rest 45, roll, cook 120+120',
    left: ['a bit over 110 g)'],
  },
  {
    text: `Yufka: 
flour, 500 g, plain
water, 290 g, lukewarm
salt, 10 g
Mix. Knead for 10 min, very firm dough. Let stand for 30 min under plastic. Cut off 14 pieces (56 g). Ball. 15 min. Roll 40 cm, thin. Saç, 25 s first side, 15 s second. Stack. Before eating sprinkle with water and let soften 10 min.`,
    dough: 'flour 100, water 58, salt 2',
    outside: '',
    piece: '56 g, 40 cm',
    steps: 'mix, knead 10, rest 30, divide, ball, rest 15, roll, cook 25+15, finish',
    left: ['Before eating sprinkle with water and let soften 10 min.'],
  },
  {
    text: `Sopes & gorditas base
3 cups masa harina
2 1/4 cups warm water, more as needed
1/2 tsp salt
2 Tbs lard
Mix 3 min. Cover with a wet towel; rest 15. Balls of 50 g. Press to 9 cm, 8 mm. Comal medium heat 2 min, flip, 2 min. While hot pinch up a rim. Fry in 1/2 inch oil 1 minute.`,
    dough: 'masa harina 100, warm water 152.97, salt 0.83, lard 7.79',
    outside: '',
    piece: '50 g, 9 cm',
    steps: 'mix, rest 15, ball, shape, cook 120+120, shape, cook 36+24',
    left: [],
  },
  {
    text: `PARTS BY CUP: flour 4, water 1½, oil ¼, honey 1 tbsp, salt 1½ tsp, dried yeast 2 tsp
Mix – knead until your arms hurt (10 minutes) – let rise in the sun for an hour – 8 pieces – flat as a pencil – fry pan, 3 mins each, covered.`,
    dough: 'flour 100, water 73.94, oil 10.31, honey 4.38, salt 1.88, dried yeast 1.29',
    outside: '',
    piece: '111.7 g, 25.1 cm',
    steps: 'mix, knead 10, proof 60, divide, shape, cook 108+72',
    left: ['PARTS BY'],
  },
  {
    text: `Class notes: "Aloo paratha"
Dough (makes 10): 400 g atta; 250 g water; 4 g salt; 12 g oil
Filling: 500 g potatoes (boiled, mashed), 2 chillies, 8 g salt, 10 g coriander, 1 tsp cumin, 1 tsp amchoor
Cooking: 60 g ghee
09:30 make dough, rest until 10:15
09:45 filling
10:15 10 balls of dough 65 g, 10 balls of filling 50 g
10:30 fill, pinch, rest 5
10:35 roll 18 cm
10:40 tawa: 40 s, flip, ghee, 60 s, flip, ghee, 60 s`,
    dough: 'atta 100, water 62.5, salt 1, oil 3',
    outside:
      'potatoes 50 fill, chillies 3 fill, salt 0.8 fill, coriander 1 fill, cumin 0.23 fill, amchoor 0.25 fill, ghee 6 griddle',
    piece: '64.7 g, 18 cm',
    steps: 'mix, rest 45, ball, fill, rest 5, roll, cook 40+60+60',
    left: ['10 balls of dough 65 g', '10 balls of filling 50 g'],
  },
];
