import { KeysDialog } from '../../ui/KeysDialog.tsx';

interface Props {
  /** The views, in the order of their keys. */
  readonly views: readonly string[];
  readonly onClose: () => void;
}

/** The keys of a class that runs. */
export function Shortcuts({ views, onClose }: Props) {
  const keys: readonly (readonly [string, string])[] = [
    ...views.map((words, i) => [String(i + 1), words] as const),
    ['h', 'hold everything, or go on'],
    ['m', 'all: 2 min more'],
    ['p', 'plan again from now'],
    ['z', 'take back the last tap of this device'],
    ['v', 'voice and tones on or off'],
    ['?', 'this list'],
    ['Escape', 'close what is open'],
  ];
  return <KeysDialog title="Keys of a class that runs" keys={keys} onClose={onClose} />;
}
