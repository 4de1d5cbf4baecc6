import type { z } from 'zod';
import { failure, fault, faultsOfZodError, success, type Fault, type Result } from '../faults/index.ts';

/** The greatest size of a file in bytes of UTF-8 and the greatest depth of its nesting. */
export const LIMITS = { bytes: 2_000_000, depth: 30 } as const;

/** Bytes of a text in UTF-8, without an encoder: the core has none. */
function utf8Bytes(text: string): number {
  let bytes = 0;
  for (const ch of text) {
    const code = ch.codePointAt(0) ?? 0;
    bytes += code < 0x80 ? 1 : code < 0x800 ? 2 : code < 0x10000 ? 3 : 4;
  }
  return bytes;
}

/** Levels of nesting, counted no further than one beyond the limit; without recursion, so that no depth can overflow the stack. */
function depthOf(value: unknown): number {
  let level: unknown[] = [value];
  let depth = 0;
  while (depth <= LIMITS.depth) {
    const inner = level.filter((v): v is object => typeof v === 'object' && v !== null);
    if (inner.length === 0) return depth;
    depth++;
    level = inner.flatMap((v) => Object.values(v) as unknown[]);
  }
  return depth;
}

/**
 * Levels of nesting of a JSON text, counted without parsing it and no further than one beyond `most`: a text that is nothing but brackets
 * costs a parser its memory and a second of everybody's time. Brackets within strings do not count.
 */
export function jsonDepth(text: string, most: number = LIMITS.depth): number {
  let [depth, deepest] = [0, 0];
  for (let i = 0; i < text.length; i++) {
    switch (text.charCodeAt(i)) {
      case 0x22: {
        // a string: on to its closing quote, past whatever is escaped
        for (i++; i < text.length && text.charCodeAt(i) !== 0x22; i++) if (text.charCodeAt(i) === 0x5c) i++;
        break;
      }
      case 0x5b:
      case 0x7b:
        depth++;
        if (depth > deepest) deepest = depth;
        if (deepest > most) return deepest;
        break;
      case 0x5d:
      case 0x7d:
        depth--;
        break;
    }
  }
  return deepest;
}

/** JSON of a text within the limits; faults `file-too-large`, `not-json`, `file-too-deep`. */
export function readJson(text: string): Result<unknown> {
  const bytes = text.length > LIMITS.bytes ? text.length : utf8Bytes(text);
  if (bytes > LIMITS.bytes) return failure([fault('file-too-large', '', { bytes, limit: LIMITS.bytes })]);
  if (jsonDepth(text) > LIMITS.depth) return failure([tooDeep()]);
  try {
    // a byte order mark is no part of JSON, but editors leave it
    return success(JSON.parse(text.replace(/^\uFEFF/, '')) as unknown);
  } catch (e) {
    return failure([fault('not-json', '', { reason: e instanceof Error ? e.message : String(e) })]);
  }
}

/** The value itself, or `file-too-deep`. */
function checkDepth(value: unknown): Result<unknown> {
  const depth = depthOf(value);
  return depth > LIMITS.depth ? failure([tooDeep()]) : success(value);
}

const tooDeep = (): Fault => fault('file-too-deep', '', { depth: `over ${LIMITS.depth}`, limit: LIMITS.depth });

/** Reads a value by a schema, then by rules beyond it; all faults of the first that has any. */
export function readBy<T>(
  schema: z.ZodType<T>,
  value: unknown,
  beyond: (parsed: T) => readonly Fault[] = () => [],
): Result<T> {
  const shallow = checkDepth(value);
  if (!shallow.ok) return shallow;
  const parsed = schema.safeParse(value, { reportInput: true });
  if (!parsed.success) return failure(faultsOfZodError(parsed.error));
  const faults = beyond(parsed.data);
  return faults.length > 0 ? failure(faults) : success(parsed.data);
}
