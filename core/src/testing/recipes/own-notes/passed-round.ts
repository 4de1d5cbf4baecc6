import type { OwnNote } from '../reading.ts';

/** Sheets as they are passed round a class: plans by the clock, letters, formulas in few signs. All people, places and formulas are invented. */
export const PASSED_ROUND: readonly OwnNote[] = [
  {
    text: `Ingredient,Grams,Bakers %
Bread flour,900,90
Whole rye,100,10
Water,680,68
Salt,20,2
Poolish (see below),0,
Fresh yeast,6,"0,6"
Honey,15,"1,5"

Poolish: take 300 of the flour and 300 of the water and 1 g of the yeast, 14 h at room temp.
Final mix: 4 min slow 4 min fast. Rest 45 min, fold, 45 min. 16 pieces of 105 g. Ball. 20 min. Roll to 19 cm. Bake 260 C 5 min.`,
    dough: 'bread flour 90, whole rye 10, water 68, salt 2, fresh yeast 1, honey 1',
    outside: '',
    piece: '105 g, 19 cm',
    steps: 'mix, proof 840, mix, proof 45, fold, proof 45, divide, ball, rest 20, roll, cook 180+120',
    left: ['Poolish (see below)  0', 'take 300 of the flour and 300 of the water and 1 g of the yeast'],
  },
  {
    text: `Q: what flour do you use? A: plain, 11 % protein.
Q: and how much water? A: 60 %, a bit more in winter.
Makes 10 of 70 g.
flour 430 g, water 258 g, salt 8 g, oil 15 g
Knead 8, rest 30, divide, ball, rest 20, roll thin (20 cm), hot tawa 45 s + 30 s + puff on flame.`,
    dough: 'flour 100, water 60, salt 1.86, oil 3.49',
    outside: '',
    piece: '70 g, 20 cm',
    steps: 'mix, knead 8, rest 30, divide, ball, rest 20, roll, cook 45+30+15',
    left: ['plain flour do you use , 11 % protein.'],
  },
  {
    text: `Stuffed kulcha the short way.
You need 2 dl of warm milk, 50 g of butter, 25 g of yeast, half a teaspoon of salt, a tablespoon of sugar, 4.5 dl of flour. 
Melt the butter, add the milk (37 degrees). Crumble in the yeast. Add the rest. Work the dough 5 min in the machine or 10 by hand. Rise for 40 min.
Filling: 150 g paneer, 1 onion, coriander, garam masala.
Make 8 balls, flatten, put filling in the middle, close, flatten to 1.5 cm. Rise 20 min. Fry in a dry pan 4 min per side.`,
    dough: 'warm milk 90.25, butter 21.91, yeast 10.95, salt 1.33, sugar 5.47, flour 100',
    outside: 'paneer 18.75 fill, onion 13.75 fill, coriander 3 fill, garam masala 3 fill',
    piece: '63.7 g, 8.5 cm',
    steps: 'prepare, mix, knead 5, proof 40, ball, fill, shape, proof 20, cook 240+240',
    left: [],
  },
  {
    text: `Flatbread for people who can't have wheat
buckwheat flour 200 g, rice flour 100 g, tapioca starch 50 g, psyllium husk 15 g, warm water 400 ml, salt 6 g, olive oil 20 ml
1 Mix psyllium with the water, wait 5 min until it is a gel
2 Add everything else, work until smooth, 3 min
3 Wait 20 min
4 Divide into 8 (about 95 g), roll between paper to 16 cm
5 Pan, medium, 2 min, lid, turn, 2 min
(You can use potato starch instead of tapioca.)`,
    dough:
      'buckwheat flour 57.14, rice flour 28.57, tapioca starch 14.29, psyllium husk 4.29, warm water 114.29, salt 1.71, olive oil 5.23',
    outside: '',
    piece: '95 g, 16 cm',
    steps: 'mix, rest 5, knead 3, rest 20, divide, roll, cook 120+120',
    left: ['(You can use potato starch instead of tapioca.)'],
  },
  {
    text: `2 c AP flour
1 t salt
1½ t baking powder
¼ c shortening
⅔–¾ c hot water
Cut shortening in, add water, knead 3 min. Rest 20 min. 8 balls. Roll to 8". Comal med-hi 30 sec, flip 30 sec. Stack in towel.`,
    dough: 'ap flour 100, salt 2.5, baking powder 2.5, shortening 19.79, hot water 69.83',
    outside: '',
    piece: '56.7 g, 20.3 cm',
    steps: 'mix, mix, knead 3, rest 20, ball, roll, cook 30+30, finish',
    left: [],
  },
  {
    text: `| Bread | Manakish za'atar |
| Yield | 12 × 110 g |
| Flour | 800 g |
| Water | 500 g |
| Oil | 30 g |
| Salt | 16 g |
| Yeast | 8 g instant |
| Sugar | 8 g |
| Topping | za'atar 80 g, olive oil 120 g |
| Knead | 8 min |
| Proof 1 | 60 min |
| Shape | 20 cm |
| Proof 2 | 15 min |
| Bake | 280 °C, 6 min |`,
    dough: 'flour 100, water 62.5, oil 3.75, salt 2, instant yeast 1, sugar 1',
    outside: "za'atar 6.67 finish, olive oil 10 finish",
    piece: '110 g, 20 cm',
    steps: 'mix, knead 8, proof 60, divide, shape, proof 15, cook 216+144',
    left: [],
  },
  {
    text: `Bolo do caco
500 g flour (T65); 250 g sweet potato, boiled, mashed; 150 g water; 10 g salt; 10 g fresh yeast
Mix 5', knead 10'. 1h30. 8 x 110 g, ball, 10'. Flatten 12 cm / 2 cm. 30' on semolina. Hotplate 5' + 5', low. Garlic butter.`,
    dough: 'flour T65 100, sweet potato 50, water 30, salt 2, fresh yeast 2',
    outside: '',
    piece: '110 g, 12 cm',
    steps: 'mix, knead 10, proof 90, divide, ball, rest 10, shape, rest 30, cook 300+300',
    left: ['Garlic butter.'],
  },
  {
    text: `Everyday chapati, memorised: "two-one-half": 2 cups atta, 1 cup water (less a spoon), half a teaspoon salt. Knead ten, rest twenty, twelve balls. Roll to the edge of the board (17 cm). Tawa – first side till it's dry (20 s), second till it has spots (40 s), flame till it swells (8 s).`,
    dough: 'atta 100, water 104.69, salt 1.27',
    outside: '',
    piece: '79.6 g, 17 cm',
    steps: 'mix, knead 10, rest 20, ball, roll, cook 20+40+8',
    left: [],
  },
  {
    text: `CRISP RYE THINS / class of 12
A. 400 g rye meal + 350 g boiling water, cover, 30 min
B. 200 g wheat flour, 12 g salt, 60 g butter, 5 g aniseed
Combine A and B. Knead 3 min. Chill 1 h (max 4 h).
24 pcs à 42 g
Roll 1.5 mm, 16 cm. Notched pin.
230 °C, 8 min, then door ajar 20 min to dry`,
    dough: 'rye meal 66.67, boiling water 58.33, wheat flour 33.33, salt 2, butter 10, aniseed 0.83',
    outside: '',
    piece: '42 g, 16 cm',
    steps: 'mix, rest 30, mix, knead 3, chill 60, divide, roll, cook 480+1200',
    left: ['class of 12', 'Notched pin.'],
  },
  {
    text: `Scone flatbreads (girdle) – Gran's book
8 oz S.R. flour
1 oz marg
1 oz sugar
½ tsp salt
Milk to mix (about ¼ pt)
Rub marg into flour. Add sugar, salt. Mix to a softish dough with milk. Roll ½" thick, cut into 6 triangles. Hot girdle 4 or 5 mins. each side.`,
    dough: 'plain flour 100, baking powder 5, marg 13.13, sugar 13.13, salt 1.41, milk 67.75',
    outside: '',
    piece: '70 g, 7.8 cm',
    steps: 'mix, mix, roll, divide, cook 270+270',
    left: [],
  },
  {
    text: `Lesson 2 — Laffa
Ingredients per student (2 laffas)
  Strong flour     200 g
  Water            130 g
  Oil               10 g
  Sugar              4 g
  Salt               4 g
  Dry yeast          2 g
Timing
  0:00  mix
  0:05  knead
  0:15  rest 1 (covered, 45 min)
  1:00  2 balls
  1:05  rest 2 (20 min)
  1:25  stretch to 30 cm
  1:30  dome, 1 min + 30 s`,
    dough: 'strong flour 100, water 65, oil 5, sugar 2, salt 2, dry yeast 1',
    outside: '',
    piece: '169.9 g, 30 cm',
    steps: 'mix, knead 8, proof 45, ball, rest 20, shape, cook 60+30',
    left: ['Timing', 'rest 1 min (covered', 'rest 2 min (20 min)'],
  },
  {
    text: `Pão folha: mix 3 cups of flour with 1 cup of lukewarm milk, 1/4 cup oil, 1 tsp salt, 1 tsp sugar & 1 packet of instant yeast. Knead until smooth; let double (about 1 hour). Make 15 balls, rest 10 min, roll out super thin, dry non-stick pan, high, 30-40 sec per side.`,
    dough: 'flour 100, lukewarm milk 63.06, oil 13.75, salt 1.67, sugar 1.14, instant yeast 1.94',
    outside: '',
    piece: '42.3 g, 15.5 cm',
    steps: 'mix, knead 8, proof 60, ball, rest 10, roll, cook 35+35',
    left: [],
  },
  {
    text: `<article><h1>Aish baladi</h1><p>Servings: 8 | Difficulty: easy</p><h4>What you'll need</h4><table><tr><td>whole wheat flour</td><td>400 g</td></tr><tr><td>bread flour</td><td>100 g</td></tr><tr><td>instant yeast</td><td>1½ tsp</td></tr><tr><td>salt</td><td>1½ tsp</td></tr><tr><td>water</td><td>400 ml</td></tr><tr><td>wheat bran</td><td>for dusting</td></tr></table><h4>Let's go</h4><p><b>Step 1.</b> Mix yeast, both flours, salt and water; beat for 5 minutes, it's a sticky dough.</p><p><b>Step 2.</b> Rise 90 minutes at room temperature.</p><p><b>Step 3.</b> Heat the oven with a stone to 270&deg;C.</p><p><b>Step 4.</b> Tear off 8 pieces onto the bran, flatten to 15 cm. Rest 15 minutes.</p><p><b>Step 5.</b> Bake 4 at a time for 6 minutes until puffed.</p></article>`,
    dough: 'whole wheat flour 80, bread flour 20, instant yeast 0.94, salt 1.83, water 80',
    outside: 'wheat bran 5 dust',
    piece: '110.9 g, 15 cm',
    steps: 'mix, proof 90, divide, shape, rest 15, cook 216+144',
    left: [],
  },
  {
    text: `Chickpea flatbread dough, weights for a 5 kg batch:
chickpea flour 40 %, wheat flour T80 60 %, water 68 %, olive oil 6 %, salt 2,2 %, cumin 0,5 %, yeast 1 %
Autolyse the flours with the water for 30 min, then the rest. 6 min slow. 1 h 20, one fold halfway. 130 g each. Ball. 30 min. Press to 20 cm with oiled hands. Oven 260/8 min.`,
    dough: 'chickpea flour 40, wheat flour T80 60, water 68, olive oil 6, salt 2.2, cumin 0.5, yeast 1',
    outside: '',
    piece: '130 g, 20 cm',
    steps: 'mix, rest 30, mix, proof 40, fold, proof 40, divide, ball, rest 30, shape, cook 288+192',
    left: ['weights for a 5 kg batch:'],
  },
  {
    text: `Himbasha in a pan (1 big one, serves 8)
600 g flour · 10 g dry yeast · 60 g sugar · 6 g salt · 1 tbsp cardamom seeds · 60 ml oil · 330 ml warm water · 50 g raisins
Knead 10 min. Raisins in. Prove 1½ h. Press into a 30 cm pan lined with paper, score like a wheel, prove 30 min. Lid on, low heat 20 min; turn over with a plate; 12-15 min more.`,
    dough: 'flour 100, dry yeast 1.67, sugar 10, salt 1, cardamom seeds 1.11, oil 9.2, warm water 55, raisins 8.33',
    outside: '',
    piece: '1085.3 g, 30 cm',
    steps: 'mix, knead 10, proof 90, divide, shape, proof 30, cook 1200+810',
    left: ['Raisins in.'],
  },
  {
    text: `Cheese & chive griddle cakes, Thursday group

200g plain flour
1 level teaspoon baking powder
75g mature cheddar, grated
2 tablespoons snipped chives
100ml milk, approximately
1 egg
a little butter for the griddle

Sieve the flour and baking powder. Stir in the cheese and chives. Beat the egg into most of the milk and mix to a soft dough, adding the remaining milk if needed. Turn out, pat into a round about 1cm thick and cut into 8 wedges. Butter the griddle lightly and cook over a moderate heat for 4 minutes on each side until golden. Best eaten warm.`,
    dough: 'plain flour 100, baking powder 2.03, mature cheddar 37.5, snipped chives 4.06, milk 51.5, egg 25',
    outside: 'butter 2 griddle',
    piece: '53.4 g, 7.7 cm',
    steps: 'mix, shape, divide, cook 240+240',
    left: [],
  },
  {
    text: `BOARD NOTES
flour 2 kg / water 1,25 / salt 40 / yeast 30 fr. / oil 60
mix 4+6 - 40' - div 24 - 15' - roll 18 - 20' - oven 280, 4'`,
    dough: 'flour 100, water 62.5, salt 2, yeast 1.5, oil 3',
    outside: '',
    piece: '136.7 g, 18 cm',
    steps: 'mix, rest 40, divide, rest 15, roll, rest 20, cook 144+96',
    left: ['flour 2 kg / water 1,25 kg / salt 40 / yeast 30 fr. / oil 60'],
  },
  {
    text: `Kisra
sorghum flour 3 mugs
water 4 mugs
starter from last time 1/2 mug
salt to taste
Mix to a thin batter. Stand overnight (10-12 h). Salt. Heat the saj, wipe with oil. Pour a small ladle, spread with the gergeriba very thin. 30-40 seconds. Don't turn. Peel off, stack.`,
    dough: 'sorghum flour 100, water 262.89, starter 31.53, salt 2',
    outside: '',
    piece: '78.1 g, 21 cm',
    steps: 'mix, proof 660, divide, shape, cook 75+50, finish',
    left: ['Salt.'],
  },
  {
    text: `Per table (3 students, 6 breads):
300 g flour, 186 g water, 6 g salt, 3 g dry yeast, 9 g oil
→ 84 g / piece
1. MIX 3'
2. KNEAD 8'
3. PROOF 60' (28 °C)
4. SCALE + BALL
5. REST 15'
6. ROLL ø 17
7. REST 10'
8. GRIDDLE 1' / turn / 1' / turn / 30"`,
    dough: 'flour 100, water 62, salt 2, dry yeast 1, oil 3',
    outside: '',
    piece: '84 g, 21.8 cm',
    steps: 'mix, knead 8, proof 60, divide, ball, rest 15, roll, rest 10, cook 60+60+30',
    left: [],
  },
  {
    text: `Flour tortillas – by Rosa
For 1 lb of flour: 1 stick butter or lard (4 oz), 1 1/4 tsp salt, 1 cup hot water.
Crumble the fat into the flour & salt. Water gradually. Knead 5 mins. Testales (balls), 14 of them, 10 minutes under a towel. Palote them out to a hand and a half (8 in). Hot comal: 30 seconds, flip, 30, flip, 10.`,
    dough: 'flour 100, butter or lard 25, salt 1.65, hot water 52.16',
    outside: '',
    piece: '78.7 g, 20.3 cm',
    steps: 'mix, knead 5, rest 10, divide, roll, cook 30+30+10',
    left: ['Water gradually.', 'Palote them out to a hand and a half (8 in).'],
  },
  {
    text: `Ramp-up sheet, dough "B" (flat, oil): F 100 / W 64 / S 2 / Y 1.2 / OO 6. Total 12 kg. TT 25 °C. Bulk 50, pre-shape 120 g, 20, roll 21 cm, 15, deck 280 °C 4 min.`,
    dough: 'flour 100, water 64, salt 2, yeast 1.2, olive oil 6',
    outside: '',
    piece: '168.2 g, 21 cm',
    steps: 'mix, proof 50, ball, roll, cook 144+96',
    left: ['Total 12 kg.', 'TT 25 °C.', 'pre-shape 120 g'],
  },
  {
    text: `I measure nothing. But Nadia weighed me: 412 g of flour, 268 g of water, 9 g of salt, 6 g of dry yeast, 22 g of oil went in. It got 11 min of kneading and 70 min in the warm. I took 9 pieces. They rested 12 min as balls, I opened them to about 18 cm, and the griddle had them for 2 min and then 90 s.`,
    dough: 'flour 100, water 65.05, salt 2.18, dry yeast 1.46, oil 5.34',
    outside: '',
    piece: '77.3 g, 18 cm',
    steps: 'mix, knead 11, proof 70, rest 12, divide, shape, cook 120+90',
    left: ['I took 9 pieces.'],
  },
  {
    text: `{"@type":"Recipe","@context":"https://schema.org/","name":"Sourdough Discard Flatbread","prepTime":"PT15M","performTime":"PT20M","totalTime":"PT1H05M","recipeYield":"6 flatbreads","recipeIngredient":["1 cup (240g) sourdough discard (unfed)","1 1/2 cups (180g) all purpose flour, plus more as needed","1/4 cup (60g) plain Greek yogurt","1 tsp (6g) salt","1 tsp (4g) baking powder","Oil, for the skillet"],"recipeInstructions":[{"@type":"HowToSection","name":"Make the dough","itemListElement":[{"@type":"HowToStep","name":"Mix","text":"Stir together the discard, flour, yogurt, salt and baking powder. Knead 2 minutes."},{"@type":"HowToStep","name":"Rest","text":"Cover and let rest 30 minutes."}]},{"@type":"HowToSection","name":"Cook","itemListElement":[{"@type":"HowToStep","text":"Divide into 6 and roll each into a 7-inch round."},{"@type":"HowToStep","text":"Heat 1 tsp oil in the skillet over medium-high heat. Cook each flatbread for 1-2 minutes per side."}]}]}`,
    dough: 'sourdough discard 133.33, all purpose flour 100, plain greek yogurt 33.33, salt 3.33, baking powder 2.22',
    outside: 'oil 2 griddle',
    piece: '79.3 g, 17.8 cm',
    steps: 'mix, knead 2, rest 30, divide, roll, cook 90+90',
    left: ['Heat 1 tsp oil in the skillet over medium-high heat.'],
  },
  {
    text: `CLASS: Flat & Fast     DATE: 7 March
DOUGH 1: yogurt flatbread
flour 1200, yogurt 720, b.powder 18, salt 20, oil 60
mix 3, rest 15, /16, roll 18, griddle 2+1.5
DOUGH 2: tortillas
flour 900, lard 135, salt 16, hot water 480
mix 2, knead 3, rest 30, /24, roll 18, griddle .5+.5`,
    dough: 'flour 100, yogurt 60, baking powder 1.5, salt 1.67, oil 5',
    outside: '',
    piece: '78.4 g, 17 cm',
    steps: 'mix, rest 15, divide, roll, cook 120+90',
    left: [],
  },
  {
    text: `Bhakri
2 c jowar flour
1 c very hot water
salt
Pour the water over the flour and salt, stir with a spoon, cover 10 min. Knead while warm, 4-5 min. 6 balls. Pat each out on a floured board to 15 cm, 4 mm. Tawa, floury side up. Wet the top with your fingers. When the water has dried (1 min) turn, 2 min, then flame 20 s.`,
    dough: 'jowar flour 100, very hot water 98.58, salt 2',
    outside: 'millet, for the bench 5 dust',
    piece: '82.3 g, 15 cm',
    steps: 'mix, rest 10, knead 4.5, ball, shape, cook 60+120+20',
    left: ['Tawa, floury side up.', 'Wet the top with your fingers.'],
  },
];
