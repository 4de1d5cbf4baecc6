import { createBrowserRouter, Navigate } from 'react-router';
import { ClassShell } from '../features/class-shell/ClassShell.tsx';
import { FirstClass } from '../features/class-shell/FirstClass.tsx';
import { ClassSetup } from '../features/class-setup/ClassSetup.tsx';
import { DoughSheet } from '../features/dough/DoughSheet.tsx';
import { PlanView } from '../features/plan/PlanView.tsx';

/** All addresses of the application. */
export const router = createBrowserRouter([
  { path: '/', element: <FirstClass /> },
  {
    path: '/class/:classId',
    element: <ClassShell />,
    children: [
      { index: true, element: <Navigate to="plan" replace /> },
      { path: 'setup', element: <ClassSetup /> },
      { path: 'dough', element: <DoughSheet /> },
      { path: 'plan', element: <PlanView /> },
    ],
  },
  // the breads come in a part of their own, so that a class opens without them
  { path: '/breads', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).Library }) },
  { path: '/breads/read', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).ReadRecipe }) },
  {
    path: '/breads/:breadId',
    lazy: async () => ({ Component: (await import('../features/breads/index.ts')).BreadPage }),
    children: [
      { index: true, element: <Navigate to="formula" replace /> },
      { path: 'formula', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).FormulaTab }) },
      { path: 'method', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).MethodTab }) },
      { path: 'schools', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).SchoolsTab }) },
      { path: 'warmth', lazy: async () => ({ Component: (await import('../features/breads/index.ts')).WarmthTab }) },
    ],
  },
  { path: '*', element: <Navigate to="/" replace /> },
]);
