import type { Result } from '../faults/index.ts';
import { workshopSchema, type Workshop } from '../workshop/index.ts';
import { readBy, readJson } from './read-json.ts';
import { faultsOfReferences } from './references.ts';
import { faultsOfSense } from './sense.ts';

/** A workshop file from JSON, defaults filled in; or every fault: of form, else of references, else of sense. */
export function readWorkshop(value: unknown): Result<Workshop> {
  return readBy(workshopSchema, value, (w) => {
    const references = faultsOfReferences(w);
    return references.length > 0 ? references : faultsOfSense(w);
  });
}

/** A workshop file from text. */
export function readWorkshopText(text: string): Result<Workshop> {
  const json = readJson(text);
  return json.ok ? readWorkshop(json.value) : json;
}
