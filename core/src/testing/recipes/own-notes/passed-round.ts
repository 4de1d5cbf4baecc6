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
  {
    text: `pita, school kitchen
for 25 kids, 1 each
flour 1.5 kg
yeast dried 15 g (2 sachets + a bit)
sugar 15 g
salt 25 g
lukewarm water 950 ml
oil 40 ml
09:00 - teacher makes the dough in the mixer (10 min)
09:15 - rise
10:15 - kids come; divide 100 g each
10:30 - roll to saucer size
10:40 - rest on trays
11:00 - oven 250 C 6 min (3 trays)`,
    dough: 'flour 100, dried yeast 1, sugar 1, salt 1.67, lukewarm water 63.34, oil 2.45',
    outside: '',
    piece: '100 g, 23.8 cm',
    steps: 'mix, proof 60, divide, roll, rest 20, cook 216+144',
    left: [],
  },
  {
    text: `GRILLED FLATBREAD W/ OLIVE OIL
Yield: 8 each @ 4 oz

Bread flour        1 lb 4 oz    100%
Water              13 oz        65%
Olive oil          1.5 oz       7.5%
Salt               0.4 oz       2%
Instant dry yeast  0.2 oz       1%

Mix on 1st speed 3 min, 2nd speed 5 min. DDT 78°F
Ferment 1 hr.
Scale at 4 oz. Round. Bench 20 min.
Roll 8" round. Brush w/ olive oil.
Grill 2 min, flip, 1-2 min.`,
    dough: 'bread flour 100, water 65, olive oil 7.5, salt 2, instant dry yeast 1',
    outside: 'olive oil, to finish 4 finish',
    piece: '113 g, 20.3 cm',
    steps: 'mix, proof 60, divide, ball, rest 20, roll, fill, cook 120+90',
    left: [],
  },
  {
    text: `Ciapati integrali: 2 tazze / cups of wholemeal flour (atta is best), 1 tazza / cup water, sale / salt. Impastare / knead 5 min. Riposo / rest 30 min. 10 palline / balls. Roll 16 cm. Padella / pan 1 min + 1 min, puff with a cloth.`,
    dough: 'wholemeal flour 100, water 104.69, salt 2',
    outside: '',
    piece: '79.9 g, 16 cm',
    steps: 'mix, knead 5, rest 30, ball, roll, cook 60+60',
    left: [],
  },
  {
    text: `Chickpea-free, nut-free, dairy-free tortillas for the Wednesday group (Leo: no sesame!)
- 400 g plain flour
- 80 g vegetable shortening (check: no milk)
- 8 g salt
- 200 g water, 45°C
knead 4 / rest 20 / 12 balls / rest 15 / roll 20 cm / 40 s + 30 s`,
    dough: 'plain flour 100, vegetable shortening 20, salt 2, water 50',
    outside: '',
    piece: '55.7 g, 20 cm',
    steps: 'mix, knead 4, rest 20, ball, rest 15, roll, cook 40+30',
    left: [],
  },
  {
    text: `Spelt sourdough flatbread – day plan
20:00 refresh starter 1:2:2 (20 g + 40 g + 40 g)
08:00 mix 500 g white spelt, 320 g water, 100 g starter. Autolyse 30 min
08:30 salt 10 g, fold
09:00, 09:30, 10:00 fold
12:00 shape 8 balls
12:45 stretch 18 cm
13:00 griddle 3 min + 2 min`,
    dough: 'white spelt 100, water 64, starter 20, salt 2',
    outside: '',
    piece: '112.9 g, 18 cm',
    steps: 'mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 30, fold, proof 120, ball, shape, cook 180+120',
    left: ['refresh starter 1:2:2', '(20 g + 40 g + 40 g)'],
  },
  {
    text: `Arabic bread, industrial formula scaled to class: flour 72% extraction 10.000 kg; water 5.600; yeast compressed 0.100; salt 0.150; sugar 0.100. Mix 10'. Ferment 60'. Divide 90 g. Intermediate proof 12'. Sheet 2 mm. Final proof 25'. Bake 480 °C 45 s.`,
    dough: 'flour 100, water 56, yeast compressed 1, salt 1.5, sugar 1',
    outside: '',
    piece: '90 g, 27.6 cm',
    steps: 'mix, proof 60, divide, proof 12, roll, proof 25, cook 27+18',
    left: [],
  },
  {
    text: `Focaccia di Recco style, no yeast
Dough 250 g strong flour, 125 g water, 25 g olive oil, 5 g salt
Filling 400 g stracchino (or any soft cheese)
Knead 8 min. Rest 1 hour. Divide in two, one a bit bigger.
Stretch the first to 32 cm over an oiled tray. Dot with cheese. Second on top, thin as you can. Seal, tear some holes. Oil, salt.
Oven 270°C 7 min. Cut in squares.`,
    dough: 'strong flour 100, water 50, olive oil 10, salt 2',
    outside: 'stracchino 200 fill',
    piece: '196.6 g, 32 cm',
    steps: 'mix, knead 8, rest 60, divide, shape, fill, fill, cook 252+168',
    left: ['Second on top, thin as you can.'],
  },
  {
    text: `Seeded spelt flatbreads
Makes 6 · 25 min + resting

Ingredients
300 g white spelt flour
50 g mixed seeds (sunflower, pumpkin, linseed)
1 tsp fine salt
1 tsp baking powder
180 g natural yoghurt
2 tbsp olive oil
1–2 tbsp water, if needed

Method
1 Combine the flour, seeds, salt and baking powder in a bowl.
2 Stir in the yoghurt and oil until it forms clumps; add the water only if it looks dry.
3 Knead on the work surface for 2 minutes. Wrap and leave for 20 minutes.
4 Divide into 6 pieces (about 95 g each). Roll out to 16 cm rounds.
5 Heat a griddle pan over a high heat. Cook for 1–2 minutes on each side until charred in places.
6 Keep warm in a folded tea towel.`,
    dough:
      'white spelt flour 100, mixed seeds 16.67, fine salt 2.03, baking powder 1.35, natural yoghurt 60, olive oil 8.37, water 7.5',
    outside: '',
    piece: '95 g, 16 cm',
    steps: 'mix, knead 2, rest 20, divide, roll, cook 90+90, finish',
    left: [],
  },
  {
    text: `Chapati workshop – plan
Group of 12, pairs

Flour (atta): 1.2 kg (100 g each)
Water: 780 ml (65 ml each)
Salt: 12 g (1 g each)
Oil: 36 ml (3 ml each)

15:00 Talk: flour, hydration
15:15 Mix and knead (8 min)
15:30 Rest 30 min
16:00 Each: 3 balls
16:05 Roll, 16 cm
16:15 Tawa: 30 s, turn 40 s, flame 5 s`,
    dough: 'atta flour 100, water 65, salt 1, oil 2.76',
    outside: '',
    piece: '78.6 g, 16 cm',
    steps: 'mix, knead 8, rest 30, divide, roll, cook 30+40+5',
    left: ['Group of 12, pairs', 'Talk: flour, hydration', 'Each: 3 balls'],
  },
  {
    text: `SOFT TORTILLAS (wheat), makes 16
1 lb (450 g) plain flour
1 tsp baking powder
1 1/2 tsp salt
4 oz (115 g) lard
8 fl oz (240 ml) warm water
Rub in the lard. Pour in water. Knead 2-3 min. Rest, covered, 20 min. 16 balls (c. 50 g), rest again 10 min. 18 cm rounds, 1 min first side, 30 sec second.`,
    dough: 'plain flour 100, baking powder 0.9, salt 2.03, lard 25.56, warm water 53.34',
    outside: '',
    piece: '49.6 g, 18 cm',
    steps: 'mix, mix, knead 2.5, rest 20, ball, rest 10, roll, cook 60+30',
    left: ['50 g)'],
  },
  {
    text: `Paratha dough card
atta 500 / water 310 / salt 7 / ghee 20 (dough) + 80 (layers)
knead 6, rest 25
10 x 83 g
roll 15, 8 g ghee, coil, rest 10
roll 18
tawa med 40 s / 40 s / ghee / 20 s / 20 s`,
    dough: 'atta 100, water 62, salt 1.4, ghee 4',
    outside: 'ghee 8 layer',
    piece: '83 g, 18 cm',
    steps: 'mix, knead 6, rest 25, divide, roll, coil, rest 10, roll, cook 40+40+20+20',
    left: ['8 g ghee', '(dough) +'],
  },
  {
    text: `Rustic flatbread, poolish
Poolish (evening): 150 g flour, 150 g water, 0.5 g yeast – 12 hours
Dough (morning): all the poolish, 350 g flour, 175 g water, 10 g salt, 3 g yeast, 15 g oil
Mix 4 + 6 min. Bulk 75 min with one fold. 6 pieces of 140 g. Rest 25 min. Stretch to 22 cm, dimple, oil. Oven 260 °C, 7 min.`,
    dough: 'flour 100, water 65, yeast 0.7, salt 2, oil 3',
    outside: 'oil, to finish 4 finish',
    piece: '140 g, 22 cm',
    steps: 'mix, rest 720, mix, proof 75, divide, rest 25, shape, fill, cook 252+168',
    left: ['all the poolish,'],
  },
  {
    text: `In the cup: flour 3 cups, yogurt 1 cup, warm water 1/2 cup, oil 2 tbsp, sugar 1 tbsp, salt 1 tsp, yeast 2 tsp. Make the dough, one hour. 10 pieces, ten minutes, roll, pan with a lid 2 min, turn 1 min.`,
    dough: 'flour 100, yogurt 63.06, warm water 32.86, oil 6.88, sugar 3.42, salt 1.67, yeast 1.72',
    outside: '',
    piece: '73.3 g, 20.4 cm',
    steps: 'mix, proof 60, divide, rest 10, roll, cook 120+60',
    left: [],
  },
  {
    text: `Naan (yeast-free) for kids' club — 8 children, 1 each
Self-raising flour 400 g; yoghurt 250 g; milk 60 ml; salt 1 tsp; a pinch of sugar.
Mix it up, squash it together (1 min), leave it under a cloth while we wash up (10 min).
Cut into 8. Pat with hands to a leaf, about 1 cm.
Grown-ups: hot pan, 2 min each side, brush with butter (dairy-free spread for Mia).`,
    dough: 'plain flour 100, baking powder 5, yoghurt 65.63, milk 16.22, salt 1.6, sugar 0.09',
    outside: 'butter, to finish 4 finish',
    piece: '87.2 g, 9.8 cm',
    steps: 'mix, rest 10, divide, shape, cook 120+120, finish',
    left: [],
  },
  {
    text: `Ciabatta-style flatbread 78 %
flour (W300) 1000
water 780 (700 + 80 bassinage)
salt 22
fresh yeast 8
1) autolyse 40' with 700 water
2) yeast, mix 5'; salt, 3'; bassinage slowly, 4'
3) bulk 2h30, folds at 30' 60' 90'
4) 12 pcs 150 g, no shaping, on semolina, 30'
5) 280 °C 8'`,
    dough: 'flour 100, water 78, salt 2.2, fresh yeast 0.8',
    outside: '',
    piece: '150 g, 29.1 cm',
    steps:
      'mix, rest 40, mix, proof 30, fold, proof 30, fold, proof 30, fold, proof 60, divide, rest 30, roll, cook 288+192',
    left: ['mix 5 min', '3 min', '(700 + 80 bassinage)'],
  },
  {
    text: `Rice & lentil flatbread (uttapam) 
2 cups idli rice, 1/2 cup urad dal, 1/4 cup poha, 1/2 tsp fenugreek seeds, 1 1/2 tsp salt
Soak rice and fenugreek together and dal separately for 5 hours. Grind with about 2 cups of water. Ferment 10 hours. Add salt. Ladle 120 g, spread to 15 cm (5 mm). Top with onions, chilli. 2 min covered, flip, 1 min.`,
    dough: 'idli rice 100, urad dal 25.78, poha 1, fenugreek seeds 0.33, salt 2.7, water 147.88',
    outside: 'onion 2 finish, chilli 2 finish',
    piece: '120 g, 15 cm',
    steps: 'mix, rest 300, mix, proof 600, mix, divide, shape, fill, cook 120+60',
    left: [],
  },
  {
    text: `GARLIC NAAN  (Serves 6)

For the naan:
300g/10½oz plain flour, plus extra for rolling
1 tsp caster sugar
1 tsp fast-action dried yeast
½ tsp salt
150ml/5fl oz warm water
3 tbsp plain yoghurt
2 tbsp vegetable oil

For the garlic butter:
50g/1¾oz butter
3 garlic cloves, crushed
1 tbsp chopped coriander

1. Put the flour, sugar, yeast and salt in a bowl. Add the water, yoghurt and oil and mix to a dough. Knead for 8 minutes on a floured surface.
2. Put back in the bowl, cover with cling film and leave for an hour, until doubled in size.
3. Melt the butter with the garlic and stir in the coriander.
4. Divide the dough into 6. Roll each into an oval, about 5mm thick.
5. Heat a large frying pan over a high heat. Cook the naan one at a time for 2 minutes each side.
6. Brush with the garlic butter and serve at once.`,
    dough:
      'plain flour 100, caster sugar 1.39, fast-action dried yeast 1.05, salt 1.01, warm water 50, plain yoghurt 14.39, vegetable oil 8.37',
    outside:
      'plain flour, for rolling 5 dust, butter 8.33 finish, garlic cloves 2 finish, chopped coriander 0.32 finish',
    piece: '85.5 g, 19.7 cm',
    steps: 'mix, knead 8, proof 60, prepare, divide, roll, cook 120+120, finish',
    left: [],
  },
  {
    text: `Session 3: rolled breads (90 min, max. 10 people)
Dough made before by the teacher: 1500 g flour, 900 g water, 30 g salt, 15 g yeast, 45 g oil; 1 h bulk, 24 balls of ~100 g, in boxes.
With the group:
- roll 17 cm (10 min)
- rest 15 min under cloths (explain pockets)
- bake 260 °C 4 min, 4 at a time
- wrap`,
    dough: 'flour 100, water 60, salt 2, yeast 1, oil 3',
    outside: '',
    piece: '100 g, 17 cm',
    steps: 'mix, proof 60, ball, roll, rest 15, cook 144+96, finish',
    left: ['With the group:'],
  },
  {
    text: `Potato flatbreads
Boil 400 g floury potatoes, mash, cool. Add 200 g plain flour, 1 tsp salt, 1 egg yolk and 30 g melted butter. Bring together; don't knead. Rest it half an hour in the fridge. Cut in 8, roll to 15 cm. Griddle on medium, buttered, 3 mins each side.`,
    dough: 'floury potatoes 200, plain flour 100, salt 3.04, melted butter 15, egg yolk 9',
    outside: '',
    piece: '79.4 g, 15 cm',
    steps: 'prepare, mix, chill 30, divide, roll, cook 180+180',
    left: [],
  },
  {
    text: `Dürüm / yufka wraps (16)
1 kg type 550, 560 g water 25 °C, 20 g salt, 50 g sunflower oil
8 min, firm
30 min
16 x 100 g
20 min
1 mm, 40 cm, oklava
sac: 20 s / 15 s / 10 s
cloth`,
    dough: 'flour type 550 100, water 56, salt 2, sunflower oil 5',
    outside: '',
    piece: '100 g, 40 cm',
    steps: 'mix, knead 8, rest 30, divide, rest 20, roll, cook 20+15+10, finish',
    left: [],
  },
  {
    text: `Schüttelbrot-style crisp
200 g rye flour 1150
100 g wheat flour 1050
7 g yeast
6 g salt
5 g blue fenugreek, fennel, coriander (ground)
260 ml lukewarm water
All together, 10 min (soft!)
1 h warm
8 portions ~70 g on rye flour, 20 min
shake flat on a board, 18 cm
15 min
220 °C 20 min`,
    dough: 'rye flour 66.67, wheat flour 33.33, yeast 2.33, salt 2, blue fenugreek 1.67, lukewarm water 86.67',
    outside: '',
    piece: '70 g, 18 cm',
    steps: 'mix, proof 60, divide, rest 20, shape, rest 15, cook 720+480',
    left: [],
  },
  {
    text: `Lesson card: CHAPATI
Time 60'   People 6   Breads 18
atta 720 g · water 470 g · salt 9 g · oil 18 g
0' mix, knead 8'
10' rest 20'
30' divide 18 (67 g)
33' roll 17 cm, 3 each
40' cook: 20" / 40" / flame 5"
55' eat`,
    dough: 'atta 100, water 65.28, salt 1.25, oil 2.5',
    outside: '',
    piece: '67 g, 17 cm',
    steps: 'mix, knead 8, rest 20, divide, roll, cook 20+40+5',
    left: ['3 each 40 min cook: 20 s / 40 s'],
  },
  {
    text: `Rolled oat & yoghurt flatbread
100g rolled oats
200g self-raising flour, plus extra
250g natural yoghurt
½ tsp salt

Soak the oats in the yoghurt for 20 mins. Stir in the flour and salt and knead for a minute. Divide into 6 and roll to 1/2cm. Dry-fry for 2–3 mins per side.`,
    dough: 'rolled oats 52.5, plain flour 100, baking powder 5, natural yoghurt 131.25, salt 1.6',
    outside: '',
    piece: '89.5 g, 14.1 cm',
    steps: 'prepare, mix, knead 1, divide, roll, cook 150+150',
    left: [],
  },
  {
    text: `5-ingredient tortilla (mixer): 480 g AP flour, 95 g oil, 5 g salt, 5 g b.p., 240 g warm water
> dough hook 3 min
> 16 x 50 g balls, 20 min (up to 2 h), film
> 20 cm, 1-2 mm
> cast iron, med-high, 50-60 s / 30 s`,
    dough: 'ap flour 100, oil 19.79, salt 1.04, baking powder 1.04, warm water 50',
    outside: '',
    piece: '50 g, 13.6 cm',
    steps: 'mix, ball, rest 20, roll, cook 55+30',
    left: ['20 cm, 1-2 mm'],
  },
];
