import type { Bread, IngredientUse, Step } from '@hodsman/core';

export const FAMILY_WORDS: Readonly<Record<Bread['family'], string>> = {
  unleavened: 'Unleavened',
  'hot-water': 'Hot-water',
  yeasted: 'Yeasted',
  sourdough: 'Sourdough',
  chemical: 'Soda and powder',
  laminated: 'Layered',
  filled: 'Filled',
  'gluten-free': 'Gluten-free',
};

export const USE_WORDS: Readonly<Record<IngredientUse, string>> = {
  dough: 'in the dough',
  bath: 'oil bath',
  layer: 'between layers',
  fill: 'filling',
  dust: 'dusting',
  griddle: 'on the griddle',
  finish: 'finish',
  serve: 'to serve',
};

export const KIND_WORDS: Readonly<Record<Step['kind'], string>> = {
  mix: 'mix',
  knead: 'knead',
  fold: 'fold',
  divide: 'divide',
  ball: 'ball',
  shape: 'shape',
  roll: 'roll',
  fill: 'fill',
  coil: 'coil',
  cook: 'cook',
  finish: 'finish',
  prepare: 'side job',
  bloom: 'wake the yeast',
  rest: 'rest',
  proof: 'proof',
  chill: 'chill',
  temper: 'lose its chill',
};

/** What a step is done to. */
export const PER = [
  ['batch', 'the whole batch'],
  ['piece', 'each piece'],
] as const;
