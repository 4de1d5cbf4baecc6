import { X } from 'lucide-react';
import { useMemo } from 'react';
import { followedWords, type Followed, type Plan, type Workshop } from '@hodsman/core';
import { ICON_BUTTON } from '../../ui/buttons.ts';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly followed: Followed;
  readonly onClose: () => void;
}

/** Who or what is followed, in one line over the board. */
export function FollowedLine({ plan, workshop, followed, onClose }: Props) {
  const words = useMemo(() => followedWords(workshop, plan, followed), [workshop, plan, followed]);
  return (
    <div className="flex items-center gap-3 border-b border-line bg-panel px-4" data-testid="followed">
      <p className="figures min-w-0 flex-1 py-1 text-lg font-semibold" aria-live="polite">
        {words}
      </p>
      <button
        type="button"
        className={ICON_BUTTON}
        aria-label="Follow nobody"
        title="Follow nobody (Esc)"
        onClick={onClose}
      >
        <X size={18} aria-hidden />
      </button>
    </div>
  );
}
