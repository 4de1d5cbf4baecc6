import { whereWords, inOwnMeasures } from '@hodsman/core';
import type { SentFault } from './open-document.ts';

const MOST_LINES = 8;

interface Props {
  readonly faults: readonly SentFault[];
  /** How many there are, where more are known than were sent. */
  readonly count?: number;
  /** What they were found in, so that places are named. */
  readonly within: unknown;
}

/** What is wrong with a document, a line each, at places that people know. */
export function SentFaults({ faults, count = faults.length, within }: Props) {
  const shown = faults.slice(0, MOST_LINES);
  return (
    <>
      {shown.map((f) => (
        <p key={f.path + f.message}>
          {f.path === '' ? '' : `${whereWords(f.path, within)}: `}
          {inOwnMeasures(f.message)}
        </p>
      ))}
      {count > shown.length && <p>and {count - shown.length} more</p>}
    </>
  );
}
