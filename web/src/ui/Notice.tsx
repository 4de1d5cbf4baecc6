import { TriangleAlert, X } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  readonly children: ReactNode;
  /** It has been read; without it the notice stays for as long as what it says is so. */
  readonly onClose?: () => void;
}

/** Something that went wrong, in words: what happened, what was kept, what to do. */
export function Notice({ children, onClose }: Props) {
  return (
    <div
      role="alert"
      className="flex items-start gap-2 rounded-cut border border-trouble bg-panel px-3 py-2 text-trouble"
    >
      <TriangleAlert size={20} aria-hidden className="mt-0.5 shrink-0" />
      <div className="min-w-0 flex-1">{children}</div>
      {onClose && (
        <button
          type="button"
          aria-label="Close this notice"
          className="-my-1 grid size-9 shrink-0 place-items-center rounded-cut hover:bg-steel"
          onClick={onClose}
        >
          <X size={18} aria-hidden />
        </button>
      )}
    </div>
  );
}
