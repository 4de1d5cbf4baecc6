import { faultLine, type Fault } from '@hodsman/core';
import { Notice } from '../ui/Notice.tsx';

/** Why the last change of a document was not taken; nothing where it was. */
export function Refused({ what, faults }: { readonly what: string; readonly faults: readonly Fault[] }) {
  if (faults.length === 0) return null;
  return (
    <div className="px-4 pt-2">
      <Notice>
        That change was not taken; the {what} is as it was.
        {faults.map((f) => (
          <p key={f.path + f.code}>{faultLine(f)}</p>
        ))}
      </Notice>
    </div>
  );
}
