import { DndContext, PointerSensor, pointerWithin, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { clockText, type PlanFacts, type Workshop, briefClockText } from '@hodsman/core';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { FireHead, HEAD_PX } from './FireHead.tsx';
import { TurnBlock } from './TurnBlock.tsx';
import { turnScale, type TurnScale } from './turn-scale.ts';
import { useIsBehind, usePlanFacts } from '../../planning/plan-facts.ts';
import { useSwap, type SwapAnswer } from './use-swap.ts';

/** For each griddle its spots and turns in order, down one time for all; two turns change places by drag or by keys. */
export function FiresTab() {
  const facts = usePlanFacts();
  return facts ? <Fires facts={facts} /> : null;
}

function Fires({ facts: latest }: { readonly facts: PlanFacts }) {
  // while a turn is dragged the drawing holds still: a finer plan would put another turn under the pointer
  const [held, setHeld] = useState<PlanFacts>();
  const facts = held ?? latest;
  const { workshop, plan } = facts;
  const fires = facts.fires();
  const runs = useMemo(() => new Map(facts.runs().map((r) => [r.piece, r])), [facts]);
  const { answer, swap, insist, forget } = useSwap(workshop, plan);
  const [picked, setPicked] = useState<string>();
  const isBehind = useIsBehind(facts);
  // the griddles are seen at the moment that the line stands at: scrolling moves it
  const [scrolledPx, setScrolledPx] = useState(0);
  const topPx = useDeferredValue(scrolledPx);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const turns = fires.flatMap((f) => f.spots.flat());
  if (turns.length === 0)
    return <p className="p-6 text-quiet">Nothing of this class is cooked yet: put a bread on the menu.</p>;
  const scale = turnScale(turns);
  const sec = Math.round(scale.secAt(topPx + LINE_PX));

  const choose = (id: string): void => {
    forget();
    if (picked === undefined) setPicked(id);
    else {
      setPicked(undefined);
      if (picked !== id) void swap(picked, id);
    }
  };
  const onDragStart = (): void => {
    forget();
    setHeld(latest);
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    setHeld(undefined);
    setPicked(undefined);
    if (over && over.id !== active.id) void swap(String(active.id), String(over.id));
  };

  return (
    <div
      className="flex h-full flex-col"
      onKeyDown={(e) => {
        if (e.key === 'Escape') setPicked(undefined);
      }}
    >
      <div className="flex min-h-12 flex-wrap items-center gap-3 border-b border-line px-4 py-1.5" aria-live="polite">
        <Answer answer={answer} onInsist={insist} />
        {!answer && (
          <p className="text-quiet">
            {picked === undefined
              ? 'Drag a turn onto another to let them change places, or choose the one and then the other.'
              : 'Now the turn to change places with. Escape lets it be.'}
          </p>
        )}
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={pointerWithin}
        onDragStart={onDragStart}
        onDragEnd={onDragEnd}
        onDragCancel={() => setHeld(undefined)}
      >
        <div
          tabIndex={0}
          role="region"
          aria-label="Turns at the fires"
          aria-busy={isBehind}
          className="min-h-0 flex-1 overflow-auto"
          onScroll={(e) => setScrolledPx(e.currentTarget.scrollTop)}
        >
          <div className="relative w-max min-w-full">
            <MomentLine time={clockText(workshop, sec)} />
            <div className="flex w-max min-w-full gap-3 px-4 pb-[50vh]">
              <Clock workshop={workshop} scale={scale} />
              {fires.map((fire) => (
                <section key={fire.id} aria-label={fire.name} className="min-w-32 flex-auto">
                  <FireHead fire={fire} workshop={workshop} sec={sec} />
                  <div className="flex gap-1.5 rounded-b-cut bg-steel/70 px-1.5" style={{ height: scale.height }}>
                    {fire.spots.map((spot, i) => (
                      <ol key={i} aria-label={`${fire.name}, spot ${i + 1}`} className="relative min-w-30 flex-1">
                        {spot.map((t) => (
                          <TurnBlock
                            key={t.id}
                            task={t}
                            run={runs.get(t.piece ?? '')}
                            workshop={workshop}
                            y={scale.yOf(t.startSec)}
                            height={scale.yOf(t.endSec) - scale.yOf(t.startSec)}
                            isPicked={picked === t.id}
                            onChoose={() => choose(t.id)}
                          />
                        ))}
                      </ol>
                    ))}
                  </div>
                </section>
              ))}
            </div>
          </div>
        </div>
      </DndContext>
    </div>
  );
}

/** So far under the heads is the moment at which the griddles are seen. */
const LINE_PX = 26;

/** The moment that the griddles are seen at, across all of them; what is scrolled passes under it. */
function MomentLine({ time }: { readonly time: string }) {
  return (
    <div className="pointer-events-none sticky left-0 z-2 h-0" style={{ top: HEAD_PX + LINE_PX }} data-testid="line">
      <div className="absolute inset-x-0 top-0 border-t-2 border-dashed border-ink" />
      <span className="figures absolute left-1 -translate-y-1/2 rounded-cut bg-ink px-1.5 text-sm font-bold text-ground">
        {time}
      </span>
    </div>
  );
}

/** What came of the last swap. */
function Answer({ answer, onInsist }: { readonly answer: SwapAnswer | undefined; readonly onInsist: () => void }) {
  if (!answer) return null;
  if (answer.kind !== 'refused') return <p data-testid="swap">{answer.words}</p>;
  return (
    <div data-testid="swap" className="flex flex-wrap items-center gap-3">
      <Notice>{answer.words}</Notice>
      <button type="button" className={SIDE_BUTTON} onClick={onInsist}>
        Do it all the same
      </button>
    </div>
  );
}

/** The time down the side. */
function Clock({ workshop, scale }: { readonly workshop: Workshop; readonly scale: TurnScale }) {
  return (
    <div className="w-12 shrink-0" aria-hidden>
      <div className="sticky top-0 z-1 bg-ground" style={{ height: HEAD_PX }} />
      <div className="relative" style={{ height: scale.height }}>
        {scale.ticks.map((sec) => (
          <span
            key={sec}
            className="figures absolute right-0 -translate-y-1/2 text-sm text-quiet"
            style={{ top: scale.yOf(sec) }}
          >
            {briefClockText(workshop, sec)}
          </span>
        ))}
      </div>
    </div>
  );
}
