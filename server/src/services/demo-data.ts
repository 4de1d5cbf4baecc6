import { isDuplicate, type DocumentRepository } from '../db/repositories/documents.ts';
import type { DocumentKind } from '../db/models/document.ts';
import demoClass from '../../../demo/class.json';
import sundayClass from '../../../demo/class-sunday.json';
import demoPantry from '../../../demo/pantry.json';
import { DEMO_BREADS } from './demo-breads.ts';
import { readDocument } from './read-document.ts';
import { refusal } from './problem.ts';

interface Made {
  readonly kind: DocumentKind;
  /** Fixed, so that two servers that start at once do not both make one. */
  readonly id: string;
  readonly body: unknown;
}

/** A demonstration class together with the kitchen that it has a copy of. */
const inKitchen = (id: string, kitchenId: string, workshop: { readonly kitchen: unknown }): readonly Made[] => [
  { kind: 'class', id, body: { workshop, notes: { kitchen: { id: kitchenId, asTaken: workshop.kitchen } } } },
  { kind: 'kitchen', id: kitchenId, body: workshop.kitchen },
];
const PANTRY: Made = { kind: 'pantry', id: 'pantry', body: demoPantry };
const DEMO: readonly Made[] = [
  ...inKitchen('demo-class', 'demo-kitchen', demoClass),
  ...inKitchen('demo-sunday', 'demo-tannery', sundayClass),
  ...DEMO_BREADS.map((body) => ({ kind: 'bread', id: `demo-${body.id}`, body }) as const),
];

/** Puts the demonstration classes, their kitchens and the library into a database that holds nothing, and a pantry into one that has none. */
export async function loadDemoData(documents: DocumentRepository): Promise<void> {
  const isNew = await documents.isEmpty();
  const hasPantry = (await documents.list('pantry')).length > 0;
  for (const { kind, id, body } of [...(isNew ? DEMO : []), ...(hasPantry ? [] : [PANTRY])]) {
    const read = readDocument(kind, body);
    if (!read.ok) throw refusal(read.faults);
    try {
      await documents.create(kind, read.value.title, read.value.body, id);
    } catch (e) {
      if (!isDuplicate(e)) throw e; // another server was first
    }
  }
}
