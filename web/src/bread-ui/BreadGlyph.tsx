import { outlineOf } from './outlines.ts';

interface Props {
  readonly shape: string | undefined;
  readonly x: number;
  readonly y: number;
  readonly size: number;
}

/** Which bread it is, as a small drawing. */
export function BreadGlyph({ shape, x, y, size }: Props) {
  return (
    <path
      d={outlineOf(shape)}
      transform={`translate(${x} ${y}) scale(${size / 2})`}
      fill="var(--dough)"
      stroke="var(--ink)"
      strokeWidth={3 / size}
      strokeLinejoin="round"
    />
  );
}
