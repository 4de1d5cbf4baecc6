import { Maximize2, Rows3, Waypoints, ZoomIn, ZoomOut } from 'lucide-react';
import { useState } from 'react';
import { useAppSelector } from '../../app/hooks.ts';
import { FlowBoard } from './FlowBoard.tsx';
import { PlanTable } from './PlanTable.tsx';

const ZOOM_STEP = 1.3;
const MOST_ZOOM = 6;
const BUTTON = 'grid size-10 place-items-center rounded-cut hover:bg-steel aria-pressed:bg-steel';

/** The plan of the class: as the board, or as a table. */
export function PlanView() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  const plan = useAppSelector((s) => s.draft?.plan);
  const [zoom, setZoom] = useState(1);
  const [asTable, setAsTable] = useState(false);
  if (!workshop || !plan) return <p className="p-6 text-quiet">Planning …</p>;
  return (
    <div className="flex h-full flex-col">
      <div className="min-h-0 flex-1">
        {asTable ? (
          <PlanTable plan={plan} workshop={workshop} />
        ) : (
          <FlowBoard plan={plan} workshop={workshop} zoom={zoom} />
        )}
      </div>
      <div
        className="fixed right-4 bottom-3 flex rounded-cut border border-line bg-panel"
        role="toolbar"
        aria-label="How the plan is shown"
      >
        {!asTable && (
          <>
            <button
              type="button"
              className={BUTTON}
              aria-label="Less time on the screen"
              onClick={() => {
                setZoom(Math.min(MOST_ZOOM, zoom * ZOOM_STEP));
              }}
            >
              <ZoomIn size={18} aria-hidden />
            </button>
            <button
              type="button"
              className={BUTTON}
              aria-label="More time on the screen"
              disabled={zoom <= 1}
              onClick={() => {
                setZoom(Math.max(1, zoom / ZOOM_STEP));
              }}
            >
              <ZoomOut size={18} aria-hidden />
            </button>
            <button
              type="button"
              className={BUTTON}
              aria-label="The whole class on the screen"
              onClick={() => {
                setZoom(1);
              }}
            >
              <Maximize2 size={18} aria-hidden />
            </button>
          </>
        )}
        <button
          type="button"
          className={BUTTON}
          aria-label={asTable ? 'Show as the board' : 'Show as a table'}
          onClick={() => {
            setAsTable(!asTable);
          }}
        >
          {asTable ? <Waypoints size={18} aria-hidden /> : <Rows3 size={18} aria-hidden />}
        </button>
      </div>
    </div>
  );
}
