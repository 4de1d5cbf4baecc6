import { failure, fault, success, type Result } from '../faults/index.ts';
import { classNotesSchema, NO_NOTES, workshopSchema, type ClassRecord, type Workshop } from '../workshop/index.ts';
import { changed, listIn } from './loose.ts';
import { readBy, readJson } from './read-json.ts';
import { faultsOfReferences } from './references.ts';
import { faultsOfSense } from './sense.ts';
import { carriedOver, WORKSHOP_MIGRATIONS } from './versions.ts';

/** A workshop file from JSON, of any version, defaults filled in; or every fault: of form, else of references, else of sense. */
export function readWorkshop(value: unknown): Result<Workshop> {
  const file = carriedOver(value, WORKSHOP_MIGRATIONS);
  if (!file.ok) return file;
  return readBy(workshopSchema, file.value, (w) => {
    const references = faultsOfReferences(w);
    return references.length > 0 ? references : faultsOfSense(w);
  });
}

/** A workshop file from text. */
export function readWorkshopText(text: string): Result<Workshop> {
  const json = readJson(text);
  return json.ok ? readWorkshop(json.value) : json;
}

function asLatest(workshop: unknown): unknown {
  const file = carriedOver(workshop, WORKSHOP_MIGRATIONS);
  return file.ok ? file.value : workshop;
}

/** Notes with the workshops of their alternatives carried over; what cannot be is left as it is, and then refused. */
function withAlternatives(notes: unknown): unknown {
  return changed(notes, 'alternatives', (list) =>
    // what is no list stays, so that it is refused
    Array.isArray(list) ? listIn(list).map((a) => changed(a, 'workshop', asLatest)) : list,
  );
}

/**
 * A class as it is kept, `{ "workshop": …, "notes": … }`, or a workshop file alone, which gets empty notes. Faults of the workshop
 * name their path in it, those of the notes begin with `notes`.
 */
export function readClassRecord(value: unknown): Result<ClassRecord> {
  if (typeof value !== 'object' || value === null || !('workshop' in value)) {
    const alone = readWorkshop(value);
    return alone.ok ? success({ workshop: alone.value, notes: NO_NOTES }) : alone;
  }
  const { workshop: rawWorkshop, notes: rawNotes = {}, ...unknown } = value as Record<string, unknown>;
  const [workshop, notes] = [readWorkshop(rawWorkshop), readBy(classNotesSchema, withAlternatives(rawNotes))];
  const faults = [
    ...(workshop.ok ? [] : workshop.faults),
    ...(notes.ok ? [] : notes.faults.map((f) => ({ ...f, path: f.path === '' ? 'notes' : `notes.${f.path}` }))),
    ...Object.keys(unknown).map((key) => fault('unknown-key', key)),
  ];
  if (!workshop.ok || !notes.ok || faults.length > 0) return failure(faults);
  const unread = notes.value.alternatives.flatMap((a, i) => {
    const read = readWorkshop(a.workshop);
    return read.ok ? [] : read.faults.map((f) => ({ ...f, path: `notes.alternatives[${i}].workshop.${f.path}` }));
  });
  if (unread.length > 0) return failure(unread);
  return success({ workshop: workshop.value, notes: notes.value });
}
