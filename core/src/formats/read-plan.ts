import type { Result } from '../faults/index.ts';
import { planSchema, type Plan } from '../plan/index.ts';
import { readBy, readJson } from './read-json.ts';

/** A plan file from JSON: its form alone; whether it is right is the checker's to say. */
export function readPlan(value: unknown): Result<Plan> {
  return readBy(planSchema, value);
}

/** A plan file from text. */
export function readPlanText(text: string): Result<Plan> {
  const json = readJson(text);
  return json.ok ? readPlan(json.value) : json;
}
