import { readClassRecord } from '../formats/index.ts';
import type { ClassRecord } from '../workshop/index.ts';
import type { Migration, StoredKind } from './stored-kind.ts';
import { changed, listIn, objectIn } from '../formats/loose.ts';

const NO_SEAT = 'no seat was free';

/**
 * To form 2: the class is a record of workshop and notes (a workshop file alone was a class too), and what was not understood of somebody
 * who is kept aside stands with them in their words; before, it stood in the reason alone and was lost with it.
 */
const toRecord: Migration = (value) => {
  const record = objectIn(value, 'workshop') ? value : { workshop: value, notes: {} };
  return changed(record, 'notes', (notes) =>
    changed(notes, 'waiting', (waiting) =>
      listIn(waiting).map((entry) =>
        objectIn(entry, 'guest') && 'why' in entry && entry.why !== NO_SEAT && !('words' in entry)
          ? { ...entry, words: typeof entry.why === 'string' ? [entry.why] : [] }
          : entry,
      ),
    ),
  );
};

export const CLASS: StoredKind<ClassRecord> = {
  migrations: [toRecord],
  validate: readClassRecord,
  title: (c) => c.workshop.title,
};
