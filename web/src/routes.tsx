import { createBrowserRouter, Navigate } from 'react-router';
import { ClassShell } from './features/class-shell/ClassShell.tsx';
import { FirstClass } from './features/class-shell/FirstClass.tsx';
import { Broken } from './features/elsewhere/Broken.tsx';
import { BoardView } from './features/plan/BoardView.tsx';
import { PlanShell } from './features/plan/PlanShell.tsx';

// each part but the board comes in a part of its own, so that a class opens without them
const breads = () => import('./features/breads/index.ts');
const dough = () => import('./features/dough/index.ts');
const kitchens = () => import('./features/kitchens/index.ts');
const planViews = () => import('./features/plan/index.ts');
const turns = () => import('./features/turns/index.ts');
const elsewhere = () => import('./features/elsewhere/index.ts');
const print = () => import('./features/print/index.ts');
const run = () => import('./features/run/index.ts');
const setup = () => import('./features/class-setup/index.ts');

/** All addresses of the application. */
export const router = createBrowserRouter([
  {
    // what is seen before the first part has come, and where one could not be shown
    hydrateFallbackElement: <p className="p-6 text-quiet">Opening …</p>,
    errorElement: <Broken />,
    children: [
      { path: '/', element: <FirstClass /> },
      {
        path: '/class/:classId',
        element: <ClassShell />,
        children: [
          { index: true, element: <Navigate to="plan" replace /> },
          {
            path: 'plan',
            element: <PlanShell />,
            children: [
              { index: true, element: <Navigate to="board" replace /> },
              { path: 'board', element: <BoardView /> },
              { path: 'table', lazy: async () => ({ Component: (await planViews()).PlanTable }) },
              { path: 'alternatives', lazy: async () => ({ Component: (await planViews()).AlternativesView }) },
              { path: 'charts', lazy: async () => ({ Component: (await planViews()).ChartsView }) },
              { path: 'sheet', lazy: async () => ({ Component: (await planViews()).RunSheet }) },
            ],
          },
          {
            path: 'turns',
            lazy: async () => ({ Component: (await turns()).TurnsShell }),
            children: [
              { index: true, element: <Navigate to="fires" replace /> },
              { path: 'fires', lazy: async () => ({ Component: (await turns()).FiresTab }) },
              { path: 'people', lazy: async () => ({ Component: (await turns()).PeopleTab }) },
              { path: 'calls', lazy: async () => ({ Component: (await turns()).CallsTab }) },
              { path: 'idle', lazy: async () => ({ Component: (await turns()).IdleTab }) },
            ],
          },
          { path: 'run', lazy: async () => ({ Component: (await run()).RunShell }) },
          { path: 'print', lazy: async () => ({ Component: (await print()).PrintPage }) },
          { path: 'kitchen', lazy: async () => ({ Component: (await kitchens()).ClassKitchen }) },
          {
            path: 'setup',
            lazy: async () => ({ Component: (await setup()).ClassSetup }),
            children: [
              { index: true, element: <Navigate to="times" replace /> },
              { path: 'times', lazy: async () => ({ Component: (await setup()).TimesTab }) },
              { path: 'people', lazy: async () => ({ Component: (await setup()).PeopleTab }) },
              { path: 'menu', lazy: async () => ({ Component: (await setup()).MenuTab }) },
            ],
          },
          {
            path: 'dough',
            lazy: async () => ({ Component: (await dough()).DoughShell }),
            children: [
              { index: true, element: <Navigate to="sheet" replace /> },
              { path: 'sheet', lazy: async () => ({ Component: (await dough()).DoughSheet }) },
              { path: 'ahead', lazy: async () => ({ Component: (await dough()).AheadSheet }) },
              { path: 'kit', lazy: async () => ({ Component: (await dough()).KitSheet }) },
              { path: 'shopping', lazy: async () => ({ Component: (await dough()).ShoppingSheet }) },
              { path: 'allergens', lazy: async () => ({ Component: (await dough()).AllergenSheet }) },
            ],
          },
        ],
      },
      { path: '/class/:classId/wall', lazy: async () => ({ Component: (await run()).RunScreen }) },
      { path: '/class/:classId/station/:stationId', lazy: async () => ({ Component: (await run()).RunScreen }) },
      { path: '/classes', lazy: async () => ({ Component: (await import('./features/classes/index.ts')).ClassList }) },
      { path: '/kitchens', lazy: async () => ({ Component: (await kitchens()).KitchenList }) },
      { path: '/kitchens/:kitchenId', lazy: async () => ({ Component: (await kitchens()).KitchenPage }) },
      { path: '/breads', lazy: async () => ({ Component: (await breads()).Library }) },
      { path: '/breads/read', lazy: async () => ({ Component: (await breads()).ReadRecipe }) },
      {
        path: '/breads/:breadId',
        lazy: async () => ({ Component: (await breads()).BreadPage }),
        children: [
          { index: true, element: <Navigate to="formula" replace /> },
          { path: 'formula', lazy: async () => ({ Component: (await breads()).FormulaTab }) },
          { path: 'method', lazy: async () => ({ Component: (await breads()).MethodTab }) },
          { path: 'schools', lazy: async () => ({ Component: (await breads()).SchoolsTab }) },
          { path: 'warmth', lazy: async () => ({ Component: (await breads()).WarmthTab }) },
        ],
      },
      { path: '/measures', lazy: async () => ({ Component: (await elsewhere()).MeasuresPage }) },
      { path: '*', lazy: async () => ({ Component: (await elsewhere()).NoPage }) },
    ],
  },
]);
