const VULGAR: readonly (readonly [number, string])[] = [
  [0, ''],
  [1 / 8, '⅛'],
  [1 / 4, '¼'],
  [1 / 3, '⅓'],
  [1 / 2, '½'],
  [2 / 3, '⅔'],
  [3 / 4, '¾'],
  [1, ''],
];

/** The number with the nearest fraction that cooks use (eighth, quarters, thirds, half): what it is, and how it is written (`1¾`). */
export function vulgarFraction(
  x: number,
  allowed: (fraction: number) => boolean = () => true,
): { readonly value: number; readonly text: string } {
  const whole = Math.floor(x);
  const [fraction, sign] = VULGAR.filter(([f]) => f === 0 || f === 1 || allowed(f)).reduce((a, b) =>
    Math.abs(b[0] - (x - whole)) < Math.abs(a[0] - (x - whole)) ? b : a,
  );
  const value = whole + fraction;
  const units = Math.floor(value + 1e-9);
  return { value, text: `${units === 0 && sign !== '' ? '' : units}${sign}` };
}
