import { readClassRecord, type ClassRecord } from '@hodsman/core';
import { vi } from 'vitest';
import demoClass from '../../../demo/class.json';
import { memoryStorage } from '../documents/testing.ts';
import type { Planners } from '../workers/planner-client.ts';

/** What a browser has and the tests' own world has not: stores of its own, events, and a server that never answers. */
export function standInForBrowser(): void {
  vi.stubGlobal('addEventListener', vi.fn());
  vi.stubGlobal('sessionStorage', memoryStorage());
  vi.stubGlobal('localStorage', memoryStorage());
  vi.stubGlobal('fetch', () => new Promise(() => undefined));
}

/** The demonstration class. */
export function demoRecord(): ClassRecord {
  const read = readClassRecord(demoClass);
  if (!read.ok) throw new Error('the demonstration class is right');
  return read.value;
}

/** Planners that never answer. */
const never = (): Promise<never> => new Promise(() => undefined);
export const noPlanners: Planners = {
  plan: never,
  replan: never,
  tryPins: never,
  settlePins: never,
  about: never,
  advise: never,
  stopAdvising: vi.fn(),
  planEach: never,
  replanEach: never,
  sweep: never,
  stopComparing: vi.fn(),
};
