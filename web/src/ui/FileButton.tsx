import { FileUp } from 'lucide-react';
import { SIDE_BUTTON } from './buttons.ts';

interface Props {
  readonly label: string;
  /** As the input's `accept`. */
  readonly accept: string;
  readonly onText: (text: string) => void;
}

/** Opens a file of text; the same file can be opened again. */
export function FileButton({ label, accept, onText }: Props) {
  return (
    <label className={`${SIDE_BUTTON} relative cursor-pointer has-focus-visible:outline-3`}>
      <FileUp size={18} aria-hidden /> {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(e) => {
          void e.target.files?.[0]?.text().then(onText);
          e.target.value = '';
        }}
      />
    </label>
  );
}
