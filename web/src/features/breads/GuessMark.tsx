import { useParams } from 'react-router';
import { useLeftOpen } from '../../documents/api.ts';

/** Marks what an import guessed and nobody has looked at yet. */
export function GuessMark({ about }: { readonly about: string }) {
  const { breadId = '' } = useParams();
  const isGuessed = useLeftOpen(breadId).some((m) => m.kind === 'guess' && m.about === about);
  return isGuessed ? (
    <span className="shrink-0 rounded-cut border border-trouble px-1.5 text-xs font-semibold text-trouble">
      guessed
    </span>
  ) : null;
}
