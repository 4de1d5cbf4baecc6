import { foodById } from '../foods/index.ts';
import type { Bread } from './schema.ts';
import { ingredientOfFood } from './swap.ts';

/** A plain bread to begin with: every figure is there to be changed. */
export function newBread(id: string): Bread {
  const of = (food: string, pct: number) => ({ ...ingredientOfFood(foodById(food), { use: 'dough' }), pct });
  return {
    id,
    name: 'New bread',
    family: 'unleavened',
    ingredients: [of('plain-flour', 100), of('water', 60), of('oil', 5), of('fine-salt', 1.8)],
    lossPct: 3,
    piece: { doughG: 80, diameterCm: 18, thicknessMm: 2.7, shape: 'round' },
    holdMaxMin: 30,
    steps: [
      { id: 'mix', kind: 'mix', per: 'batch', by: 'team', at: 'bench', minutes: 6 },
      { id: 'knead', kind: 'knead', per: 'batch', by: 'team', at: 'bench', minutes: 8 },
      { id: 'rest', kind: 'rest', per: 'batch', at: 'room', window: { min: 15, ideal: 30, max: 90 } },
      { id: 'divide', kind: 'divide', per: 'batch', by: 'one', at: 'bench', minutes: 1, minutesPerPiece: 0.5 },
      { id: 'roll', kind: 'roll', per: 'piece', by: 'owner', at: 'bench', minutes: 3 },
      {
        id: 'cook',
        kind: 'cook',
        per: 'piece',
        by: 'owner',
        at: 'griddle',
        attend: 'whole',
        phases: [
          { side: 'first', heat: 'medium', sec: 75 },
          { side: 'second', heat: 'medium', sec: 50 },
        ],
      },
    ],
  };
}
