import type { ReactNode } from 'react';
import { Notice } from '../ui/Notice.tsx';

/** Why there is nothing else on the page. */
export const Told = ({ children }: { readonly children: ReactNode }) => (
  <div className="mx-auto max-w-3xl p-6">
    <Notice>{children}</Notice>
  </div>
);
