import { faultInWords, type Fault } from '@hodsman/core';
import { Notice } from '../ui/Notice.tsx';

interface Props {
  readonly what: string;
  readonly faults: readonly Fault[];
  /** What they were found in, so that places are named. */
  readonly within: unknown;
  readonly onClose: () => void;
}

/** Why the last change of a document was not taken, where no field says it itself; nothing where it was. */
export function Refused({ what, faults, within, onClose }: Props) {
  if (faults.length === 0) return null;
  return (
    <div className="px-4 pt-2">
      <Notice onClose={onClose}>
        That change was not taken; the {what} is as it was.
        {faults.map((f) => (
          <p key={f.path + f.code}>{faultInWords(f, within)}</p>
        ))}
      </Notice>
    </div>
  );
}
