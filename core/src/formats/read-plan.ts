import type { Result } from '../faults/index.ts';
import { planSchema, type Plan } from '../plan/index.ts';
import { readBy, readJson } from './read-json.ts';
import { carriedOver, PLAN_MIGRATIONS } from './versions.ts';

/** A plan file from JSON, of any version: its form alone; whether it is right is the checker's to say. */
export function readPlan(value: unknown): Result<Plan> {
  const file = carriedOver(value, PLAN_MIGRATIONS);
  return file.ok ? readBy(planSchema, file.value) : file;
}

/** A plan file from text. */
export function readPlanText(text: string): Result<Plan> {
  const json = readJson(text);
  return json.ok ? readPlan(json.value) : json;
}
