/**
 * The room: benches, griddles and how many breads each holds, mixers, resting places, staff; and the store.
 * Begin with `spots.ts`, the packing of rule R6. It knows breads only by shape and size.
 */
export { kitchenSchema } from './schema.ts';
export type { Griddle, Kitchen } from './schema.ts';
export { ofRoundOf, spotsOnGriddle, widthOf, type PieceShape, type Spot } from './spots.ts';
export { NEW_ENTRY, reshapedGriddle, USUAL_ROOM, usualFigure, withSpots, type KitchenFigure } from './usual.ts';
export { griddleName, shortThingName, thingName } from './names.ts';
export { drawnSpots } from './drawn-spots.ts';
export { ownPantry, pantrySchema, type Pantry, type PantryItem } from './pantry.ts';
