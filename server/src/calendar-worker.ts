import { parentPort, workerData } from 'node:worker_threads';
import { classCalendar, planShaped } from '@hodsman/core';
import type { SavedClass } from './services/calendar-feeds.ts';

const of = workerData as SavedClass;
const { workshop, notes } = of.record;
parentPort?.postMessage(classCalendar({ ...of, plan: planShaped(workshop, notes.shaping) }));
