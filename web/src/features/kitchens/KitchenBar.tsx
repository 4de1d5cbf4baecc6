import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useAppSelector } from '../../store/hooks.ts';
import { DeviceButtons } from '../../ui/DeviceButtons.tsx';

interface Props {
  readonly back?: { readonly to: string; readonly name: string };
  readonly children: ReactNode;
}

/** The head of the pages of kitchens, with the way back. */
export function KitchenBar({ back, children }: Props) {
  const draft = useAppSelector((s) => s.draft);
  const from =
    back ??
    (draft
      ? { to: `/class/${draft.id}/kitchen`, name: draft.body.workshop.title }
      : { to: '/classes', name: 'Classes' });
  return (
    <header className="flex flex-wrap items-center gap-4 border-b border-line bg-panel px-4">
      <Link to={from.to} className="flex min-h-12 items-center gap-2 font-semibold text-quiet hover:text-ink">
        <ArrowLeft size={18} aria-hidden />
        <span className="max-w-44 truncate">{from.name}</span>
      </Link>
      {children}
      <DeviceButtons />
    </header>
  );
}
