import { TriangleAlert } from 'lucide-react';
import type { ReactNode } from 'react';

/** Something that went wrong, in words: what happened, what was kept, what to do. */
export function Notice({ children }: { readonly children: ReactNode }) {
  return (
    <div
      role="alert"
      className="flex items-start gap-2 rounded-cut border border-trouble bg-panel px-3 py-2 text-trouble"
    >
      <TriangleAlert size={20} aria-hidden className="mt-0.5 shrink-0" />
      <div>{children}</div>
    </div>
  );
}
