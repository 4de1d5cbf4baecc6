import { planClass, type Plan, type Workshop } from '@hodsman/core';
import { expose } from 'comlink';

const face = {
  plan: (workshop: Workshop, effort: number): Plan => planClass(workshop, { effort }),
};
export type PlannerFace = typeof face;

expose(face);
