import type { DocumentKind } from '@hodsman/core';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import demoClass from '../../../demo/class.json';
import sundayClass from '../../../demo/class-sunday.json';
import demoPantry from '../../../demo/pantry.json';
import { DEMO_BREADS } from './demo-breads.ts';
import { readContent } from './documents.ts';

interface Made {
  readonly kind: DocumentKind;
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

/**
 * Puts the demonstration classes, their kitchens, the library and the pantry into a database, each lot whole and once: what somebody
 * removes does not come back by itself.
 */
export async function loadDemoData(documents: DocumentRepository): Promise<void> {
  for (const [what, list] of [
    ['demo', DEMO],
    ['pantry', [PANTRY]],
  ] as const)
    await documents.once(what, async (create) => {
      for (const { kind, id, body } of list) await create(kind, id, readContent(kind, body));
    });
}
