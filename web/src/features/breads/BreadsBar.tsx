import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useAppSelector } from '../../store/hooks.ts';
import { DeviceButtons } from '../../ui/DeviceButtons.tsx';
import { ThemeButton } from '../../ui/ThemeButton.tsx';

interface Props {
  readonly back?: { readonly to: string; readonly name: string };
  readonly children: ReactNode;
}

/** The head of the pages of breads: the way back (to the class that is open, by default), and what the page puts there. */
export function BreadsBar({ back, children }: Props) {
  const draft = useAppSelector((s) => s.draft);
  const way =
    back ??
    (draft ? { to: `/class/${draft.id}/plan`, name: draft.body.workshop.title } : { to: '/', name: 'The class' });
  return (
    <header className="flex min-h-14 flex-wrap items-center gap-x-2 gap-y-1 border-b border-line bg-panel px-4">
      <Link to={way.to} className="flex min-h-11 max-w-56 items-center gap-2 font-semibold text-quiet hover:text-ink">
        <ArrowLeft size={18} aria-hidden className="shrink-0" />
        <span className="truncate">{way.name}</span>
      </Link>
      {children}
      {/* a bread's own buttons fill its head */}
      {back ? <ThemeButton /> : <DeviceButtons />}
    </header>
  );
}
