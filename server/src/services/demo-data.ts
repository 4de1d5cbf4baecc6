import { isDuplicate, type DocumentRepository } from '../db/repositories/documents.ts';
import type { DocumentKind } from '../db/models/document.ts';
import demoClass from '../../../demo/class.json';
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

const KITCHEN_ID = 'demo-kitchen';
const PANTRY: Made = { kind: 'pantry', id: 'pantry', body: demoPantry };
const DEMO: readonly Made[] = [
  {
    kind: 'class',
    id: 'demo-class',
    body: { workshop: demoClass, notes: { kitchen: { id: KITCHEN_ID, asTaken: demoClass.kitchen } } },
  },
  { kind: 'kitchen', id: KITCHEN_ID, body: demoClass.kitchen },
  ...DEMO_BREADS.map((body) => ({ kind: 'bread', id: `demo-${body.id}`, body }) as const),
];

/** Puts the demonstration class, its breads and its kitchen into a database that holds nothing, and a pantry into one that has none. */
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
