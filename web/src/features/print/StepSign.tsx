import {
  Blend,
  Brush,
  ChefHat,
  CircleDot,
  Droplets,
  Flame,
  FoldVertical,
  Hand,
  Hexagon,
  Hourglass,
  MoveHorizontal,
  Sandwich,
  Scissors,
  Shell,
  Snowflake,
  ThermometerSun,
  type LucideIcon,
} from 'lucide-react';
import type { SheetRow } from '@hodsman/core';

type Sign = NonNullable<SheetRow['sign']>;
const SIGNS: Readonly<Record<Sign, LucideIcon>> = {
  bloom: Droplets,
  mix: Blend,
  knead: Hand,
  fold: FoldVertical,
  rest: Hourglass,
  proof: Hourglass,
  chill: Snowflake,
  temper: ThermometerSun,
  divide: Scissors,
  ball: CircleDot,
  shape: Hexagon,
  roll: MoveHorizontal,
  fill: Sandwich,
  coil: Shell,
  cook: Flame,
  finish: Brush,
  prepare: ChefHat,
};

/** What is done, as a drawing, on a card without words; for those who hear the page it has its name. */
export function StepSign({ sign }: { readonly sign: Sign }) {
  const Icon = SIGNS[sign];
  return <Icon className="size-[1.3em] shrink-0 self-center" role="img" aria-label={sign} />;
}
