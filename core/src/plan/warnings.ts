/**
 * What is no broken rule but should be seen, by code, with what is needed to say it; `words` makes the sentences. A person, a bread and a
 * batch are given by their ids.
 */
export type Warning =
  | { readonly code: 'no-bread'; readonly person: string }
  | { readonly code: 'no-maker'; readonly bread: string }
  | { readonly code: 'under-mixer-load'; readonly batch: string; readonly doughG: number; readonly leastG: number }
  | { readonly code: 'small-batch'; readonly batch: string; readonly doughG: number; readonly leastG: number }
  | { readonly code: 'perishable-practice'; readonly batch: string; readonly ingredient: string }
  | {
      readonly code: 'idle';
      readonly person: string;
      readonly fromSec: number;
      readonly toSec: number;
      /** A side job of theirs that could be done then. */
      readonly sideJob: string | null;
    };

/** The part of a plan's file that a warning is about. */
export function warningPath(w: Warning): string {
  switch (w.code) {
    case 'no-bread':
    case 'idle':
      return `roster/${w.person}`;
    case 'no-maker':
      return `menu/${w.bread}`;
    case 'under-mixer-load':
    case 'small-batch':
    case 'perishable-practice':
      return `batches/${w.batch}`;
  }
}
