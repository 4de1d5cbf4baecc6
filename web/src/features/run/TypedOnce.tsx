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
  const [typed, setTyped] = useState(value);
  return (
    <div className={TALL_FIELD} onBlur={() => typed !== undefined && typed !== value && onTake(typed)}>
      <NumberField
        label={label}
        quantity={quantity}
        digits={0}
        least={0}
        most={most}
        value={typed}
        onChange={setTyped}
      />
    </div>
  );
}
