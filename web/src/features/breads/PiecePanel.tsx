import { memo } from 'react';
import {
  type Bread,
  COOKED_SHARE,
  densityOf,
  gramsText,
  type Griddle,
  griddleName,
  ofRoundOf,
  reshapedPiece,
  resizedPiece,
  reweighedPiece,
  roundedTo,
  spotsOnGriddle,
  thickenedPiece,
  WIDE_SHAPES,
  widthOf,
  sidesText,
  cmText,
} from '@hodsman/core';
import { useAppSelector } from '../../store/hooks.ts';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { GuessMark } from './GuessMark.tsx';
import { useEditBread } from './use-bread.ts';

const SHAPES = ['round', 'oval', 'square', 'rectangle', 'half', 'wedge', 'coil', 'pocket'] as const;
/** Griddles to compare with where no class is open: a pan and a plate of usual size. */
const usualGriddles = (): readonly Griddle[] => [
  {
    id: 'pan',
    name: `a round of ${cmText(32)}`,
    surface: 'cast-iron',
    shape: 'round',
    diameterCm: 32,
    preheatMin: 0,
    resetSec: 0,
    changeSec: 0,
  },
  {
    id: 'plate',
    name: `a plate of ${sidesText(60, 40)}`,
    surface: 'steel',
    shape: 'rectangle',
    widthCm: 60,
    depthCm: 40,
    preheatMin: 0,
    resetSec: 0,
    changeSec: 0,
  },
];
const GAP_CM = 1;

/** A piece: weight, diameter and thickness hang together by the dough's density; and how many a griddle carries. */
export const PiecePanel = memo(function PiecePanel({ bread }: { readonly bread: Bread }) {
  const edit = useEditBread();
  const { piece } = bread;
  const { doughG, diameterCm, thicknessMm, shape } = piece;
  const density = densityOf(bread);
  const put = (piece: Bread['piece'], what = 'piece'): void => edit({ ...bread, piece }, what);
  const isWide = WIDE_SHAPES.includes(shape ?? '');
  return (
    <section aria-labelledby="piece-head" className="grid gap-2">
      <h2 id="piece-head" className="text-lg">
        A piece <GuessMark about="piece.doughG" />
        <GuessMark about="piece.diameterCm" />
        <GuessMark about="piece.thicknessMm" />
      </h2>
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <NumberField
          label="Dough"
          quantity="weight"
          value={doughG}
          digits={1}
          least={1}
          onChange={(g) => put(reweighedPiece(bread, g))}
        />
        <NumberField
          label={isWide ? 'Long' : shape === 'wedge' ? 'Side' : 'Across'}
          quantity="length"
          value={diameterCm}
          digits={1}
          least={1}
          most={200}
          step={0.5}
          onChange={(cm) => put(resizedPiece(bread, { diameterCm: cm }))}
        />
        {isWide && (
          <NumberField
            label="Wide"
            quantity="length"
            value={roundedTo(widthOf(piece), 1)}
            digits={1}
            least={1}
            most={diameterCm}
            step={0.5}
            onChange={(cm) => put(resizedPiece(bread, { widthCm: cm }))}
          />
        )}
        {shape === 'wedge' && (
          <NumberField
            label="Make a round"
            unit=""
            value={ofRoundOf(piece)}
            digits={0}
            least={2}
            most={12}
            className="w-16"
            onChange={(ofRound) => put(resizedPiece(bread, { ofRound }))}
          />
        )}
        <NumberField
          label="Thick"
          quantity="thickness"
          value={thicknessMm}
          digits={1}
          least={0.5}
          most={100}
          step={0.1}
          onChange={(mm) => put(thickenedPiece(bread, mm))}
        />
        <SelectField
          label="Shape"
          value={SHAPES.find((s) => s === shape) ?? 'round'}
          options={SHAPES.map((s) => [s, s] as const)}
          onChange={(chosen) => put(reshapedPiece(bread, chosen), 'shape')}
        />
        <NumberField
          label="Left on bowls"
          unit="%"
          value={bread.lossPct}
          digits={1}
          most={50}
          className="w-16"
          onChange={(lossPct) => edit({ ...bread, lossPct }, 'loss')}
        />
        <NumberField
          label="Stays good"
          unit="min"
          value={bread.holdMaxMin}
          digits={0}
          most={10_000}
          step={5}
          className="w-20"
          onChange={(holdMaxMin) => edit({ ...bread, holdMaxMin }, 'hold')}
        />
      </div>
      <p className="text-sm text-quiet">
        Reckoned with dough {density} times as heavy as water,{' '}
        {density < 1 ? 'proofed and gently rolled' : 'dough without gas'}. From the griddle it weighs{' '}
        {gramsText(doughG * COOKED_SHARE.least)} to {gramsText(doughG * COOKED_SHARE.most)}.
      </p>
      <GriddleCounts bread={bread} />
    </section>
  );
});

/** How many of it lie on each griddle: of the class that is open, else on griddles of usual size. */
function GriddleCounts({ bread }: { readonly bread: Bread }) {
  const kitchen = useAppSelector((s) => s.draft?.body.workshop.kitchen);
  const griddles = kitchen?.griddles ?? usualGriddles();
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1">
      {griddles.map((g) => (
        <li key={g.id}>
          <b className="figures">{spotsOnGriddle(g, bread, kitchen?.griddleGapCm ?? GAP_CM)}</b> on {griddleName(g)}
        </li>
      ))}
    </ul>
  );
}
