import { type Quantity } from '@hodsman/core';
import { NumberField } from '../../ui/NumberField.tsx';
import { SelectField } from '../../ui/SelectField.tsx';
import { Toggle } from '../../ui/Toggle.tsx';
import { SmallText } from '../../ui/SmallText.tsx';
import type { Column } from './EntryTable.tsx';

/** The keys under which an entry holds values of a kind. */
type KeysOf<T, V> = { [K in keyof T]-?: V extends NonNullable<T[K]> ? K : never }[keyof T] & string;

interface NumberOptions {
  readonly unit?: string;
  readonly quantity?: Quantity;
  readonly digits?: number;
  readonly least?: number;
  readonly most?: number;
  readonly wide?: string;
}

/** An entry with another value of one of its keys. */
const withValue = <T,>(entry: T, key: keyof T, value: unknown): T => ({ ...entry, [key]: value });

/** A column of numbers of an entry; one that is not set shows an empty field. */
export function numberColumn<T>(head: string, key: KeysOf<T, number>, o: NumberOptions = {}): Column<T> {
  return {
    head: o.unit === undefined ? head : `${head}, ${o.unit}`,
    ...(o.quantity && { quantity: o.quantity }),
    field: (entry, change, name) => (
      <NumberField
        label={`${head} of ${name}`}
        isLabelHidden
        {...(o.quantity && { quantity: o.quantity, unit: '' })}
        value={entry[key] as number | undefined}
        digits={o.digits ?? 0}
        least={o.least ?? 0}
        most={o.most ?? 100_000}
        className={o.wide ?? 'w-16'}
        onChange={(value) => change(withValue(entry, key, value))}
      />
    ),
  };
}

export function textColumn<T>(head: string, key: KeysOf<T, string>, placeholder?: string): Column<T> {
  return {
    head,
    field: (entry, change, name) => (
      <SmallText
        label={`${head} of ${name}`}
        value={(entry[key] as string | undefined) ?? ''}
        placeholder={placeholder ?? name}
        onChange={(value) => change(withValue(entry, key, value === '' ? undefined : value))}
      />
    ),
  };
}

export function choiceColumn<T, V extends string>(
  head: string,
  valueOf: (entry: T) => V,
  options: readonly (readonly [V, string])[],
  put: (entry: T, value: V) => T,
): Column<T> {
  return {
    head,
    field: (entry, change, name) => (
      <SelectField
        label={`${head} of ${name}`}
        isLabelHidden
        value={valueOf(entry)}
        options={options}
        onChange={(value) => change(put(entry, value))}
      />
    ),
  };
}

export function yesColumn<T>(head: string, key: KeysOf<T, boolean>): Column<T> {
  return {
    head,
    field: (entry, change, name) => (
      <Toggle
        label={`${head}: ${name}`}
        isLabelHidden
        isOn={entry[key] === true}
        onChange={(isOn) => change(withValue(entry, key, isOn ? true : undefined))}
      />
    ),
  };
}
