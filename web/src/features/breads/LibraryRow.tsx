import { Link } from 'react-router';
import { durationText, gramsText, type Shelved, cmText } from '@hodsman/core';
import { BreadGlyph } from '../../bread-ui/BreadGlyph.tsx';
import { MiniStrand } from './MiniStrand.tsx';
import { FAMILY_WORDS } from './words.ts';

interface Props {
  readonly shelved: Shelved;
  readonly spanSec: number;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

/** One bread of the library: glyph and name, its time, its piece, what it holds. */
export function LibraryRow({ shelved, spanSec, isChosen, onChoose }: Props) {
  const { id, name, bread, isVariant } = shelved;
  return (
    <tr className="border-t border-line hover:bg-panel">
      <td>
        <input
          type="checkbox"
          className="size-5 accent-[var(--hands)]"
          aria-label={`Compare ${name}`}
          checked={isChosen}
          onChange={onChoose}
        />
      </td>
      <td className={isVariant ? 'pl-8' : ''}>
        <Link to={`/breads/${id}/formula`} className="flex min-h-12 items-center gap-3 py-1">
          <svg width={30} height={30} aria-hidden className="shrink-0">
            <BreadGlyph shape={bread.piece.shape} x={15} y={15} size={24} />
          </svg>
          <span>
            <span className="font-semibold">{name}</span>
            <span className="block text-sm text-quiet">
              {FAMILY_WORDS[bread.family]}
              {isVariant && ', another school'}
            </span>
          </span>
        </Link>
      </td>
      <td>
        <MiniStrand strand={bread.strand} leastSec={bread.leastSec} mostSec={bread.mostSec} widthSec={spanSec} />
      </td>
      <td className="figures pl-4 text-right whitespace-nowrap">{durationText(bread.leastSec)}</td>
      <td className="figures pl-4 text-right font-semibold whitespace-nowrap">{durationText(bread.idealSec)}</td>
      <td className="figures pl-4 text-right whitespace-nowrap">
        {gramsText(bread.piece.doughG)}, {cmText(bread.piece.diameterCm)}
      </td>
      <td className="max-w-52 pl-4 text-sm">
        {bread.contents
          .filter((c) => c.kind === 'allergen')
          .map((c) => (c.canBeLeftOff ? `${c.word} (may be left off)` : c.word))
          .join(', ') || 'no allergen named'}
      </td>
    </tr>
  );
}
