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
  { path: '*', element: <Navigate to="/" replace /> },
]);
