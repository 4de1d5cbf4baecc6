import type { Step } from '../../method/index.ts';
import type { Workshop } from '../../workshop/index.ts';

/** What is changed in a class; `bread` is a bread's id. */
export type ChangeMade =
  | { readonly kind: 'griddle' | 'helper' | 'staff-cook' }
  | { readonly kind: 'fewer'; readonly bread: string; readonly each: number; readonly was: number }
  | { readonly kind: 'smaller'; readonly bread: string; readonly acrossCm: number; readonly wasCm: number }
  | { readonly kind: 'ahead' | 'swap' | 'more' | 'demo' | 'bread' | 'practice'; readonly bread: string }
  | { readonly kind: 'as-you-go'; readonly bread: string; readonly step: Step['kind'] }
  | { readonly kind: 'warmer'; readonly byC: number }
  | { readonly kind: 'earlier'; readonly byMin: number }
  | { readonly kind: 'papered'; readonly mostMin: number }
  | { readonly kind: 'later'; readonly doors: string };

/** A single change of a class that may help it, and the class that comes of it. */
export interface ClassChange {
  readonly change: ChangeMade;
  readonly workshop: Workshop;
}

/** What tells the changes of one class apart: `fewer:oval`, `griddle`. */
export const changeKey = (change: ChangeMade): string =>
  'bread' in change ? `${change.kind}:${change.bread}` : change.kind;
