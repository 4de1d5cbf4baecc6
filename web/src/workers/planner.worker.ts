import { expose } from 'comlink';
import { plannerSession } from './planner-session.ts';

expose(plannerSession());
