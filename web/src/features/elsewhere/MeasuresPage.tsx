import { ArrowLeft } from 'lucide-react';
import { useNavigate } from 'react-router';
import { celsiusText, clockText, cmText, gramsText, moneyText, ownMeasures } from '@hodsman/core';
import { chooseMeasures } from '../../ui/measures.ts';
import { MeasureFields } from '../../ui/MeasureFields.tsx';
import { ThemeButton } from '../../ui/ThemeButton.tsx';

/** Noon of any day, for an example. */
const NOON = { date: '2026-01-05', doorsOpen: '12:00', timeZone: 'UTC' };
const HALF_PAST_TWO_SEC = 9000;

/** The one place where one's own measures are chosen. */
export function MeasuresPage() {
  const own = ownMeasures();
  const navigate = useNavigate();
  return (
    <div className="flex h-full flex-col">
      <header className="flex min-h-14 items-center gap-4 border-b border-line bg-panel px-4">
        <button
          type="button"
          className="flex min-h-11 items-center gap-2 font-semibold text-quiet hover:text-ink"
          onClick={() => void navigate(-1)}
        >
          <ArrowLeft size={18} aria-hidden /> Back
        </button>
        <h1 className="flex-1 text-xl">Your measures</h1>
        <ThemeButton />
      </header>
      <main className="mx-auto grid w-full max-w-3xl content-start gap-5 p-6">
        <p>
          How figures read on this device and how they are typed. Classes, breads and kitchens stay as they are, and so
          do the files: another device shows the same class in its own measures.
        </p>
        <MeasureFields value={own} onChange={chooseMeasures} />
        <p className="text-quiet">
          A dough of {gramsText(640)} at {celsiusText(26)}, rolled to {cmText(24)}, on the griddle at{' '}
          {clockText(NOON, HALF_PAST_TWO_SEC)}, for {moneyText(3.2, own.currency)}.
        </p>
        <p className="text-sm text-quiet">
          Anywhere, another unit can be typed behind a figure: 105 F, 40 C, 12 in, 1.5 kg, 2 lb 3 oz, 2:30 pm. A store
          keeps the currency in which its prices were written; a new one begins in yours. What food contains stays in
          grams, as labels give it.
        </p>
      </main>
    </div>
  );
}
