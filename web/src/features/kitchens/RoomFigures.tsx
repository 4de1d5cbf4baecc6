import { usualFigure, type Kitchen, type KitchenFigure, type Quantity } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';

interface Props {
  readonly kitchen: Kitchen;
  readonly put: (change: Partial<Kitchen>, what?: string) => void;
}

/** How warm a room is, and what it and its people can take. */
export function RoomFigures({ kitchen, put }: Props) {
  const figure = (label: string, of: Quantity | 's' | 'min' | '', key: KitchenFigure, digits = 0) => (
    <NumberField
      label={label}
      {...(of === 's' || of === 'min' || of === '' ? { unit: of } : { quantity: of })}
      value={usualFigure(kitchen, key)}
      digits={digits}
      least={0}
      most={100_000}
      className="w-20"
      onChange={(value) => put({ [key]: value }, key)}
    />
  );
  return (
    <section aria-labelledby="room-head" className="grid gap-3">
      <h2 id="room-head" className="text-lg">
        The room and its limits
      </h2>
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        {figure('Room', 'temperature', 'roomC', 1)}
        {figure('Flour', 'temperature', 'flourC', 1)}
        {figure('Tap', 'temperature', 'tapC', 1)}
        {figure('Kettle', 'temperature', 'kettleC')}
        {figure('Kettle holds', 'volume', 'kettleL', 1)}
        {figure('Kneading by hand warms by', 'difference', 'handFrictionC', 1)}
      </div>
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        {figure('Gap between breads', 'length', 'griddleGapCm', 1)}
        {figure('Between two people laying on', 's', 'layOnGapSec')}
        {figure('Griddles a member of staff watches', '', 'griddlesPerStaff')}
        {figure('Most dough by hand', 'weight', 'handMaxDoughG')}
        {figure('Perishable dough out of the fridge at most', 'min', 'safeOutMin')}
      </div>
    </section>
  );
}
