import { KeysDialog } from '../../ui/KeysDialog.tsx';

const KEYS: readonly (readonly [string, string])[] = [
  ['↑ ↓', 'earlier and later along the strand'],
  ['← →', 'what else happens then'],
  ['Alt + ↑ ↓', 'start a minute sooner or later; with Shift five'],
  ['P', 'pin the start where it is, or let it go'],
  ['F', 'follow who does it'],
  ['A', 'fold or unfold what is done ahead'],
  ['1 2 3', 'the whole room, the stations, one route alone'],
  [', .', 'look at the moment before or after, the room beside the board; with Shift five minutes'],
  ['+ − 0', 'less time, more time, the whole room'],
  ['Enter', 'to the panel, where a start can be typed'],
  ['Escape', 'let go what is selected, the moment, or what is followed; give up a move'],
  ['Ctrl + Z, Ctrl + Y', 'undo, redo'],
  ['Ctrl + wheel', 'nearer and further about the pointer'],
  ['Alt + wheel', 'the moment before or after; a drag down the times does the same'],
];

/** The keys of the board. */
export const Shortcuts = ({ onClose }: { readonly onClose: () => void }) => (
  <KeysDialog title="Keys on the board" keys={KEYS} onClose={onClose} />
);
