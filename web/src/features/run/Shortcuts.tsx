import { X } from 'lucide-react';
import { TAP_BUTTON } from './looks.ts';

interface Props {
  /** The views, in the order of their keys. */
  readonly views: readonly string[];
  readonly onClose: () => void;
}

/** The keys of a class that runs. */
export function Shortcuts({ views, onClose }: Props) {
  const keys: readonly (readonly [string, string])[] = [
    ...views.map((words, i) => [String(i + 1), words] as const),
    ['h', 'Hold everything, or go on'],
    ['m', 'All: 2 min more'],
    ['p', 'Plan again from now'],
    ['z', 'Take back the last tap of this device'],
    ['v', 'Voice and tones on or off'],
    ['?', 'This list'],
    ['Esc', 'Close what is open'],
  ];
  return (
    <section aria-label="Keys" className="flex items-start gap-4 border-b border-line bg-panel px-4 py-3">
      <dl className="grid flex-1 gap-x-6 gap-y-1 sm:grid-cols-2 lg:grid-cols-3">
        {keys.map(([key, words]) => (
          <div key={key} className="flex gap-3">
            <dt className="figures w-10 font-semibold">{key}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className={TAP_BUTTON} aria-label="Close the keys" onClick={onClose}>
        <X size={22} aria-hidden />
      </button>
    </section>
  );
}
