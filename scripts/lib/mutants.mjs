/**
 * What `npm run mutants` breaks on purpose, one at a time: a file, a text in it, what stands there instead, and the tests that should
 * notice. Mutants that no test could notice, since they change nothing that anybody sees, have no place here.
 */
const U = 'core/src/units/';
const F = 'core/src/formula/';
const N = 'core/src/planner/network/';
const C = 'core/src/planner/check/';

const of = (folder, tests) => (file, from, to) => ({ file: `${folder}${file}`, from, to, tests });
const units = of(U, ['core/src/units']);
const formula = of(F, ['core/src/formula', 'core/src/workshop', 'core/src/bread']);
const check = of(C, ['core/src/planner/check']);
const network = of(N, [
  'core/src/planner/kinds-of-class.test.ts',
  'core/src/planner/network',
  'core/src/planner/plan-class.test.ts',
]);

const search = of('core/src/planner/search/', [
  'core/src/planner/search/bound.test.ts',
  'core/src/planner/search/plate-loads.test.ts',
  'core/src/planner/search/one-machine.test.ts',
]);
const advice = of('core/src/planner/advice/', ['core/src/planner/advice']);
const ids = of('core/src/', ['core/src/ids.test.ts']);
const plan = of('core/src/plan/', ['core/src/formats/plan-file.test.ts']);
const ahead = of('core/src/planner/explain/', ['core/src/planner/explain/latest-ahead.test.ts']);
const edits = of('core/src/', ['core/src/formula', 'core/src/method', 'core/src/kitchen', 'core/src/documents']);

const turns = of('core/src/turns/', ['core/src/turns']);
const classes = of('core/src/', ['core/src/documents', 'core/src/workshop/needs.test.ts', 'core/src/words']);

/** In the checker besides: for each of its codes, that it is never said. */
export const SPEECH = {
  file: `${C}report.ts`,
  before: "      const list = typeof tasks === 'string' ? [tasks] : [...tasks];\n",
  rules: C,
  tests: ['core/src/planner/check'],
};

export const MUTANTS = [
  turns('moment.ts', 't.startSec <= sec && sec < t.endSec', 't.startSec <= sec'),
  turns('use.ts', 'isOnFire(t) ? ownerOf(t) : undefined', 'undefined'),
  turns('swap.ts', 'isOneSpot && task === early', 'false'),
  turns('followed-words.ts', '.filter((g) => g.person === person)', ''),
  classes('workshop/needs.ts', '(!need.isProof || isProofPlace(p.tempC))', 'true'),
  classes('workshop/serve.ts', '(!wanted.isCarried || griddle.portable === true)', 'true'),
  classes('workshop/needs.ts', 'phases.some((p) => p.with === of)', 'false'),
  classes('documents/class-list.ts', 'd.date >= today', 'true'),
  classes('words/short-names.ts', 'firstOf(w, 1)', 'w.slice(0, 1)'),
  ids('ids.ts', 'owner: isSpare ? null : owner,', 'owner,'),
  ids('ids.ts', "first === 'break'", "first === 'brake'"),
  plan('task.ts', "task.kind ?? (task.window ? 'rest' : 'step')", "task.kind ?? 'step'"),
  plan('task.ts', '!may.some((m) => m === k)', 'false'),
  plan('task.ts', 'if (task[key] === undefined)', 'if (false)'),
  ahead('latest-ahead.ts', '(activity?.dueSec ?? Infinity) - lasts', 'Infinity'),
  ahead('latest-ahead.ts', 'atOther(lag.to) - lag.minSec', 'atOther(lag.to)'),
  ahead('latest-ahead.ts', 'atOther(lag.from) + lag.maxSec - ownSec', 'Infinity'),
  ahead('latest-ahead.ts', '...later.map(', '...[].map('),
  ahead('latest-ahead.ts', '...shutFrom(activity?.closed ?? [], endSec).map((sec) => sec - lasts),', ''),
  ahead(
    'latest-ahead.ts',
    '...shutFrom(s.problem.resources[resource]?.closed ?? [], endSec).map((sec) => sec - use.toSec),',
    '',
  ),
  ahead('latest-ahead.ts', '...boundsByStores(s, d, startOf),', ''),
  edits('formula/edit-formula.ts', 'roundedTo(held, 1)', '1'),
  edits('method/edit-steps.ts', 'at < 0 ? steps.length : at', 'steps.length'),
  edits('kitchen/usual.ts', 'kitchen.flourC ?? kitchen.roomC', 'kitchen.roomC + 1'),
  edits('documents/library.ts', 'a.bread.leastSec - b.bread.leastSec', '0'),
  search('bound.ts', 'shared.has(j.kind) ? j : atMost(j, () => 1)', 'j'),
  search('bound.ts', 'isLess ? { ...job, spots, isReset: false } : job', '{ ...job, spots, isReset: true }'),
  search('bound.ts', 'least > 0 ? [Math.floor(', 'least < 0 ? [Math.floor('),
  search('pool-bound.ts', 'Math.ceil(work / capacity - 1e-9)', 'Math.ceil(work - 1e-9)'),
  search('one-machine.ts', 'let now = -Infinity;', 'let now = 0;'),
  advice('ideas.ts', '!b.holds.some((w) => avoided.has(w))', 'true'),
  advice('ideas.ts', 'workshop.roster.some((p) => !line.makers.has(p.id))', 'false'),
  units('seconds.ts', 'Math.floor(x + 0.5 + 1e-9)', 'Math.ceil(x)'),
  units('seconds.ts', 'x + 0.5 + 1e-9', 'x + 0.5'),
  units('seconds.ts', 'secondsOfMinutes(window.ideal * factor)', 'secondsOfMinutes(window.ideal)'),
  units('grams.ts', '{ fromG: 25, stepG: 1, digits: 0 }', '{ fromG: 20, stepG: 1, digits: 0 }'),
  units('grams.ts', 'roundHalfUp(grams / stepG) * stepG', 'Math.floor(grams / stepG) * stepG'),
  units('grams.ts', 'if (Math.abs(grams) >= 999.5) return', 'if (Math.abs(grams) > 1999.5) return'),
  units('grams.ts', 'roundHalfUp(amount * 100) / 100', 'Math.floor(amount * 100) / 100'),
  units('clock.ts', 'return epochSec(full, clock.timeZone) - epochSec(', "return epochSec(full, 'UTC') - epochSec("),
  units(
    'clock.ts',
    "{ largestUnit: 'days' }).days;\n  return { hour",
    "{ largestUnit: 'days' }).days + 1;\n  return { hour",
  ),
  units('degrees.ts', '((f - 32) * 5) / 9', '(f * 5) / 9'),
  units('degrees.ts', '(c * 9) / 5 + 32', '(c * 9) / 5'),
  units('measures.ts', 'CM_PER_INCH = 2.54', 'CM_PER_INCH = 2.5'),
  units('measures.ts', 'US_CUP_ML / 48', 'US_CUP_ML / 50'),
  units('volumes.ts', 'cup: 250, tablespoon: 20', 'cup: 250, tablespoon: 15'),
  units('volumes.ts', '4546.09 / 160', '4546.09 / 170'),
  units('fractions.ts', "[1 / 3, '⅓']", "[0.4, '⅓']"),
  units('words.ts', 'roundHalfUp(sec / 60) * 60', 'sec'),
  units('words.ts', 'minutes < 90 ?', 'minutes < 1000 ?'),
  units('words.ts', "dayOffset === 0 && manner === 'among others'", "manner === 'among others'"),

  formula('scale.ts', '(doughG / doughPctSum(ingredients)) * 100', 'doughG / doughPctSum(ingredients)'),
  formula('scale.ts', 'pieces * bread.piece.doughG * (1 + bread.lossPct / 100)', 'pieces * bread.piece.doughG'),
  formula('scale.ts', '(i.gPerBatch ?? 0) * shares', '(i.gPerBatch ?? 0)'),
  formula('scale.ts', '(i.gPerPiece ?? 0) * carriedBy(i)', '(i.gPerPiece ?? 0) * pieces'),
  formula('scale.ts', '(g * (i.holdBackPct ?? 0)) / 100', '0'),
  formula('scale.ts', 'milk: 87', 'milk: 100'),
  formula('water.ts', 't.starterC === undefined ? 3 : 4', '3'),
  formula('water.ts', '- t.flourC - t.roomC', '- t.flourC'),
  formula('water.ts', 'const target = wantedC - frictionC;', 'const target = wantedC;'),
  formula('water.ts', '(wantedC - tapC) / (kettleC - tapC)', '(wantedC - tapC) / kettleC'),
  formula('water.ts', 'Math.ceil(kettleG / (kettleL * 1000) - 1e-9)', '1'),
  formula('water.ts', 'coldLiquidG / (waterG + coldLiquidG)', 'coldLiquidG / waterG'),
  formula('leaven-time.ts', '(fromC - toC) / 10', '(toC - fromC) / 10'),
  formula('leaven-time.ts', '(now.pct * sameYeast) / wished.minutes', 'now.pct'),
  formula('dilution.ts', 'grams >= LEAST_WEIGHED_G', 'grams >= 5'),
  formula('dilution.ts', 'SOLUTION_G - LEAST_WEIGHED_G', 'SOLUTION_G'),
  formula('eggs.ts', '(grams - g) * waterShare(ingredient)', '0'),
  formula('scale-from.ts', 'known.g / flourPerDough)', 'known.g)'),
  formula('scale-from.ts', '(known.g / i.gPerPiece) * pieceG', 'known.g / i.gPerPiece'),
  formula('avoid.ts', "i.use !== 'dough' && (i.optional", '(i.optional'),
  formula('avoid.ts', 'if (avoided === null || isAvoided(i, avoided)) return false;', ''),
  formula('avoid.ts', '[...(i.allergens ?? []), ...(i.contains ?? [])]', '[...(i.allergens ?? [])]'),
  formula('figures.ts', "if (hydration < 62) return 'firm';", "if (hydration < 60) return 'firm';"),
  formula('figures.ts', 'DRY_PER_FRESH = 1 / 3', 'DRY_PER_FRESH = 1'),

  check('facts.ts', 'w.roster.filter((p) => p.avoid.every((a) => !holds.has(a.what)))', 'w.roster'),
  check('r02-order.ts', 'restSec < window.min && !isRoundOf(restSec, window.min)', 'false'),
  check('rest-window.ts', 'const factor = depends ?', 'const factor = false ?'),
  check('r03-durations.ts', 'Math.max(...paces)', 'Math.min(...paces)'),
  check('r04-people.ts', 'for (const over of overloads(loads, 1))', 'for (const over of overloads(loads, 2))'),
  check('hands.ts', "step.kind === 'cook' && step.attend === 'turns'", "step.kind === 'cook'"),
  check('r06-griddles.ts', 'if (isSameSpot && gap < griddle.resetSec) {', 'if (isSameSpot && gap < 0) {'),
  check('r06-griddles.ts', 'shared > HEAT_OVERLAP_SEC', 'shared > 1000'),
  check('r06-griddles.ts', 'a.unit.line.family === b.unit.line.family &&', ''),
  check('r08-places.ts', 'amount: batch.shares', 'amount: 1'),
  check('r13-avoided.ts', "a.level === 'strict'", 'false'),
  check('r13-avoided.ts', 'Math.min(to, b.startSec) - emptyFrom >= cleanSec', 'true'),
  check('r14-cold.ts', 'const outSec = out.endSec - out.startSec - coldSec;', 'const outSec = 0;'),
  check('r14-cold.ts', 'out.endSec - out.startSec - coldSec', 'out.endSec - out.startSec'),
  check('spans.ts', 'Math.max(0, Math.min(a.endSec, b.endSec) - Math.max(a.startSec, b.startSec))', '0'),
  check('r01-batches.ts', 'Math.max(0.1, 0.001 * right)', 'Math.max(2, 0.001 * right)'),

  network('build-network.ts', '  addSideJobs(builder, strands);\n', ''),
  network('build-network.ts', '  addDemos(builder, strands, practices);\n', ''),
  network('build-network.ts', '  addColdLimits(builder, strands);\n', ''),
  network('avoided-bits.ts', 'if (words.length === 0) return', 'if (words.length >= 0) return'),
  network('network-builder.ts', 'avoids: this.bits.avoids(piece),', 'avoids: 0,'),
  network('modes.ts', 'const span = isByStaff ? null : lookSpan(step, durationSec);', 'const span = null;'),
  network('modes.ts', 'if (site.standing >= 0) {', 'if (false) {'),
  network('demos.ts', '      if (shown) waitForDough(builder, shown, demo.before, index);\n', ''),
  network('dough-units.ts', "if (step.kind !== 'prepare') return unit.team;", 'return unit.team;'),
  network('room.ts', 'layOnGapSec: kitchen.layOnGapSec,', 'layOnGapSec: 0,'),
  network(
    'network-builder.ts',
    "mode === 'class' ? { releaseSec: welcomeSec, dueSec } : { releaseSec: staffFromSec, dueSec: 0 }",
    '{ releaseSec: staffFromSec, dueSec }',
  ),
  network(
    'network-builder.ts',
    'const closed: readonly Span[] = isFridge ? this.room.nobodyThere : [];',
    'const closed: readonly Span[] = [];',
  ),
  network('network-builder.ts', 'waitMaxMin === undefined ? Infinity : secondsOfMinutes(waitMaxMin)', 'Infinity'),
  network('network-builder.ts', 'takesWatcher: false,', 'takesWatcher: true,'),
  network('network-builder.ts', 'amount: r.unit.storeAmount,', 'amount: 0,'),
  network('demos.ts', 'builder.addOrder(index, a);', ''),
  network('demos.ts', 'releaseSec: builder.room.welcomeSec', 'releaseSec: 0'),
  network('side-jobs.ts', 'builder.addOrder(job, a);', ''),
  network('cold.ts', 'maxSec });', 'maxSec: Infinity });'),
  network(
    'modes.ts',
    "const isByTurns = step.kind === 'cook' && step.attend === 'turns';",
    "const isByTurns = step.kind === 'cook';",
  ),
  network('modes.ts', ".filter((p) => p.by === 'staff')\n", '.filter(() => false)\n'),
  network('modes.ts', 'heats: heatRuns(step),', 'heats: [],'),
  network('modes.ts', 'alone: carriedPhases(step).map((p): Span => [p.fromSec, p.toSec]),', 'alone: [],'),
  network('room.ts', "add('bench', b.id, b.seats)", "add('bench', b.id, 99)"),
  network('room.ts', "add('flame', f.id, f.slots)", "add('flame', f.id, 99)"),
  network('room.ts', "add('mixer', m.id, 1)", "add('mixer', m.id, 99)"),
  network('room.ts', 'changeSec: g.changeSec,', 'changeSec: 0,'),
  network('room.ts', 'resetSec: g.resetSec,', 'resetSec: 0,'),
  network('room.ts', 'watch: watchOf(workshop),', 'watch: null,'),
  network('room.ts', 's.id === greeter && welcomeSec > 0', 'false'),
  network('places.ts', 'if (p.batches === undefined) return 0;', 'return 0;'),
];
