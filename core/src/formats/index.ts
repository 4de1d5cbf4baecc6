/**
 * The two open files: read from text or JSON, every fault named by path; and their JSON Schemas.
 * Begin with `read-workshop.ts`. Form comes first (the schemas), then references and sense (`references.ts`, `sense.ts`).
 */
export { readClassRecord, readWorkshop, readWorkshopText } from './read-workshop.ts';
export { readPlan, readPlanText } from './read-plan.ts';
export { planFile } from './write-plan.ts';
export { readBread, readKitchen, readPantry } from './read-parts.ts';
export { jsonDepth, LIMITS, readJson } from './read-json.ts';
export { jsonSchemas } from './json-schemas.ts';
