/**
 * The plan in its views: the board (`BoardView.tsx`, which begins with `board/`: lanes across, time down, painted by an engine of its own),
 * the same as a table, alternatives side by side, charts, and the run sheet for the wall. The panel beside the board shapes the plan.
 */
export { AlternativesView } from './alternatives/AlternativesView.tsx';
export { ChartsView } from './charts/ChartsView.tsx';
export { PlanTable } from './table/PlanTable.tsx';
export { RunSheet } from './sheet/RunSheet.tsx';
