import { ChevronLeft, CircleCheck, CircleDashed, OctagonAlert, Wheat } from 'lucide-react';
import { Link, NavLink } from 'react-router';
import { openMatters, stepOfMatter } from '@hodsman/core';
import { draftActions, type Draft } from '../../documents/draft.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { EarlierStates } from '../../documents/EarlierStates.tsx';
import { SaveWords } from '../../documents/SaveWords.tsx';
import { DeviceButtons } from '../../ui/DeviceButtons.tsx';
import { UndoButtons } from '../../ui/UndoButtons.tsx';

type Order = 'good' | 'open' | 'bad';
const ORDER_ICON = { good: CircleCheck, open: CircleDashed, bad: OctagonAlert } as const;
const ORDER_WORDS = { good: 'in order', open: 'being worked out', bad: 'needs a look' } as const;

const STEP =
  'flex min-h-12 shrink-0 items-center gap-1.5 border-b-4 px-2 font-semibold max-sm:min-h-10 max-sm:px-1.5 lg:px-3';

/** The steps of the job that this version covers, in their order, each with whether it is in order. */
function stepsOf(draft: Draft): readonly { readonly to: string; readonly name: string; readonly order: Order }[] {
  const { plan, isPlanning, body } = draft;
  const planOrder: Order = !plan || isPlanning ? 'open' : plan.broken.length === 0 ? 'good' : 'bad';
  const matters = openMatters(body, plan);
  const orderOf = (step: 'setup' | 'dough'): Order => (matters.some((m) => stepOfMatter(m) === step) ? 'bad' : 'good');
  const isWithoutBread = plan?.warnings.some((w) => w.code === 'no-bread') === true;
  return [
    { to: 'kitchen', name: 'Kitchen', order: 'good' },
    { to: 'setup', name: 'Class', order: isWithoutBread ? 'bad' : orderOf('setup') },
    { to: 'dough', name: 'Dough', order: orderOf('dough') },
    { to: 'plan', name: 'Plan', order: planOrder },
    { to: 'turns', name: 'Turns', order: planOrder },
    { to: 'print', name: 'Print', order: planOrder },
    { to: 'run', name: 'Run', order: planOrder },
  ];
}

export function ShellBar({ draft }: { readonly draft: Draft }) {
  const dispatch = useAppDispatch();
  return (
    <header className="flex items-center gap-x-3 border-b border-line bg-panel px-4 max-[900px]:flex-wrap max-sm:gap-x-1 max-sm:px-2 print:hidden">
      <Link
        to="/classes"
        className="flex min-h-12 items-center gap-2 text-quiet hover:text-ink"
        aria-label="All classes"
        title="All classes"
      >
        <ChevronLeft size={20} aria-hidden />
      </Link>
      <h1 className="max-w-64 min-w-24 truncate max-[900px]:flex-1 py-2 text-lg" title={draft.body.workshop.title}>
        {draft.body.workshop.title}
      </h1>
      <nav
        aria-label="Steps of the class"
        className="relative flex flex-1 self-stretch max-[900px]:order-last max-[900px]:basis-full max-[900px]:flex-wrap max-sm:flex-nowrap max-sm:overflow-x-auto lg:gap-1"
      >
        <Link to="/breads" className={`${STEP} border-transparent text-quiet hover:text-ink`}>
          <Wheat size={18} aria-hidden className="max-sm:hidden" />
          Breads
        </Link>
        {stepsOf(draft).map(({ to, name, order }) => {
          const Icon = ORDER_ICON[order];
          return (
            <NavLink
              key={to}
              to={to}
              className={({ isActive }) =>
                `${STEP} ${isActive ? 'border-hands' : 'border-transparent text-quiet hover:text-ink'}`
              }
            >
              <Icon
                size={18}
                aria-hidden
                className={order === 'bad' ? 'text-trouble' : order === 'good' ? 'text-herb-text max-sm:hidden' : ''}
              />
              {name}
              <span className="sr-only">: {ORDER_WORDS[order]}</span>
            </NavLink>
          );
        })}
      </nav>
      <SaveWords open={draft} />
      <div className="flex max-sm:[&_button]:size-9">
        <UndoButtons
          canUndo={draft.past.length > 0}
          canRedo={draft.future.length > 0}
          onUndo={() => dispatch(draftActions.undone())}
          onRedo={() => dispatch(draftActions.redone())}
        />
        <EarlierStates kind="class" open={draft} />
        <DeviceButtons />
      </div>
    </header>
  );
}
