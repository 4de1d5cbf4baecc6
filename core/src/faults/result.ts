import type { Fault } from './catalogue.ts';

/** Either a value or the faults that kept it from being made; faults are never empty. */
export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly faults: readonly Fault[] };

/** Wraps a value that was made. */
export function success<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** Wraps the faults, all of them, that kept a value from being made. */
export function failure(faults: readonly Fault[]): { readonly ok: false; readonly faults: readonly Fault[] } {
  return { ok: false, faults };
}
