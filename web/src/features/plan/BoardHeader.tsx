import type { Workshop } from '@hodsman/core';
import { BreadGlyph } from '../../ui/BreadGlyph.tsx';
import { GUTTER, type BoardLayout } from './layout.ts';
import { fitted } from './words.ts';

export const HEADER_HEIGHT = 52;

interface Props {
  readonly layout: BoardLayout;
  readonly workshop: Workshop;
  /** How many come to the table. */
  readonly breads: number;
}

/** The places across: stations with their people, griddles, the table. Stays in sight while time scrolls. */
export function BoardHeader({ layout, workshop, breads }: Props) {
  const shapeOf = (id: string): string | undefined => workshop.breads.find((b) => b.id === id)?.piece.shape;
  return (
    <svg width={layout.width} height={HEADER_HEIGHT} className="block" aria-hidden>
      <rect width={layout.width} height={HEADER_HEIGHT} fill="var(--ground)" />
      {layout.stations.map((s) => (
        <g key={s.id}>
          <rect x={s.x} y={4} width={s.width - 3} height={22} rx={4} fill="var(--steel)" />
          <text x={s.x + 8} y={20} fontSize={14} fontWeight={700} fill="var(--ink)">
            {fitted(s.name, s.width - 14, 14)}
          </text>
          {s.strips.map((strip) => (
            <BreadGlyph key={strip.bread} shape={shapeOf(strip.bread)} x={strip.x + strip.width / 2} y={38} size={18} />
          ))}
          {s.people.map((p) => (
            <text key={p.id} x={p.x + p.width / 2} y={43} fontSize={13} textAnchor="middle" fill="var(--ink)">
              {fitted(p.name, p.width, 13, p.name.slice(0, 3))}
            </text>
          ))}
        </g>
      ))}
      {layout.griddles.map((g) => (
        <g key={g.id}>
          <rect x={g.x} y={4} width={g.width} height={22} rx={4} fill="var(--slate)" />
          <text x={g.x + g.width / 2} y={20} fontSize={14} fontWeight={700} textAnchor="middle" fill="var(--on-slate)">
            {fitted(g.name, g.width - 8, 14) === g.name ? g.name : g.id}
          </text>
          {g.spots.length > 1 &&
            g.spots.map((spot, i) => (
              <text
                key={spot.x}
                x={spot.x + spot.width / 2}
                y={43}
                fontSize={12}
                textAnchor="middle"
                fill="var(--quiet)"
              >
                spot {i + 1}
              </text>
            ))}
        </g>
      ))}
      <rect x={layout.table.x} y={4} width={layout.table.width} height={22} rx={4} fill="var(--herb)" />
      <text
        x={layout.table.x + layout.table.width / 2}
        y={20}
        fontSize={14}
        fontWeight={700}
        textAnchor="middle"
        fill="var(--on-herb)"
      >
        Table
      </text>
      <text x={layout.table.x + layout.table.width / 2} y={43} fontSize={13} textAnchor="middle" fill="var(--ink)">
        {breads} breads
      </text>
      <line x1={GUTTER - 6} x2={layout.width} y1={HEADER_HEIGHT - 0.5} y2={HEADER_HEIGHT - 0.5} stroke="var(--line)" />
    </svg>
  );
}
