import { isDuplicate, type DocumentRepository } from '../db/repositories/documents.ts';
import demoClass from '../../../demo/class.json';
import { DEMO_BREADS } from './demo-breads.ts';
import { readDocument } from './read-document.ts';
import { refusal } from './problem.ts';

/** The id of the demonstration class; fixed, so that two servers that start at once do not both make one. */
const DEMO_ID = 'demo-class';

/** Puts the demonstration class, its breads and its kitchen into a database that holds nothing. */
export async function loadDemoData(documents: DocumentRepository): Promise<void> {
  if (!(await documents.isEmpty())) return;
  const all = [
    { kind: 'class', id: DEMO_ID, body: demoClass as unknown },
    { kind: 'kitchen', id: 'demo-kitchen', body: demoClass.kitchen as unknown },
    ...DEMO_BREADS.map((body) => ({ kind: 'bread', id: `demo-${body.id}`, body }) as const),
  ] as const;
  for (const { kind, id, body } of all) {
    const read = readDocument(kind, body);
    if (!read.ok) throw refusal(read.faults);
    try {
      await documents.create(kind, read.value.title, read.value.body, id);
    } catch (e) {
      if (!isDuplicate(e)) throw e; // another server was first
    }
  }
}
