import { useState } from 'react';
import type { Quantity } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { TALL_FIELD } from './looks.ts';

interface Props {
  readonly label: string;
  readonly quantity: Quantity;
  readonly most: number;
  readonly value: number | undefined;
  readonly onTake: (value: number) => void;
}

/** A figure that is taken down once, when its field is left. */
export function TypedOnce({ label, quantity, most, value, onTake }: Props) {
  const [typed, setTyped] = useState<number>();
  // what another screen takes down meanwhile is seen here, but for the figure that is being typed
  const leave = (): void => {
    if (typed !== undefined && typed !== value) onTake(typed);
    setTyped(undefined);
  };
  return (
    <div className={TALL_FIELD} onBlur={leave}>
      <NumberField
        label={label}
        quantity={quantity}
        digits={0}
        least={0}
        most={most}
        value={typed ?? value}
        onChange={setTyped}
      />
    </div>
  );
}
