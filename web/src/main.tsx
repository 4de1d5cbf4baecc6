import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { ownMeasures, writeIn } from '@hodsman/core';
import { RouterProvider } from 'react-router';
import { router } from './routes.tsx';
import { planWhatIsOpen } from './planning/planning.ts';
import { createAppStore } from './store/store.ts';
import { createPlanners, startPlanner } from './workers/planner-client.ts';
import { storedMeasures, useMeasuresKey } from './ui/measures.ts';
import { applyTheme, storedTheme } from './ui/theme.ts';
import { FieldTalk } from './documents/FieldTalk.tsx';
import { takeTab } from './documents/tab.ts';
import { adoptUnsaved } from './documents/unsaved.ts';
import './styles.css';

applyTheme(storedTheme());
writeIn(storedMeasures() ?? ownMeasures());
const planners = createPlanners(startPlanner);
const { store, startListening } = createAppStore(planners);
planWhatIsOpen(startListening, planners);
const root = document.getElementById('root');
if (!root) throw new Error('the page has no element #root');
// what an earlier tab left unsaved is taken over before anything opens
adoptUnsaved(await takeTab());

/** All pages; they are made anew when the measures change. */
const InOwnMeasures = () => <RouterProvider key={useMeasuresKey()} router={router} />;

createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <FieldTalk>
        <InOwnMeasures />
      </FieldTalk>
    </Provider>
  </StrictMode>,
);
