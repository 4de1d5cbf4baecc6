/** Three digits, and whole from a thousand on. */
const figure = (n: number): string => (n >= 1000 ? String(Math.round(n)) : n.toPrecision(3));

/** One figure of the benchmarks; where there is a limit, the ratio to it is what counts. */
export interface Row {
  readonly what: string;
  readonly measured: number;
  readonly unit: string;
  readonly limit?: number;
}

export const median = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? 0;

/** Rows as a table with measured figure, limit and ratio. */
export function tableOf(rows: readonly Row[]): readonly string[] {
  return [
    '| what | measured | limit | ratio |',
    '| --- | ---: | ---: | ---: |',
    ...rows.map(({ what, measured, unit, limit }) =>
      limit === undefined
        ? `| ${what} | ${figure(measured)} ${unit} | – | – |`
        : `| ${what} | ${figure(measured)} ${unit} | ${limit} ${unit} | ${(measured / limit).toFixed(2)} |`,
    ),
  ];
}

/** Any list as a table: a heading and a function for each column. */
export function columns<T>(
  list: readonly T[],
  ...spec: readonly (readonly [string, (x: T) => string])[]
): readonly string[] {
  return [
    `| ${spec.map(([head]) => head).join(' | ')} |`,
    `| ${spec.map(() => '---:').join(' | ')} |`,
    ...list.map((x) => `| ${spec.map(([, of]) => of(x)).join(' | ')} |`),
  ];
}
