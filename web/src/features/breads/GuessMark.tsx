import { useAppSelector } from '../../store/hooks.ts';

/** Marks what an import guessed and nobody has looked at yet. */
export function GuessMark({ about }: { readonly about: string }) {
  const count = useAppSelector((s) => s.bread?.guesses.filter((g) => g.about === about).length ?? 0);
  return count === 0 ? null : (
    <span className="shrink-0 rounded-cut border border-trouble px-1.5 text-xs font-semibold text-trouble">
      guessed
    </span>
  );
}
