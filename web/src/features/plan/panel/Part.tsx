import { useId, type ReactNode } from 'react';

/** A part of the panel under its own heading. */
export function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="grid gap-2 border-t border-line pt-3">
      <h2 id={id} className="text-base">
        {title}
      </h2>
      {children}
    </section>
  );
}
