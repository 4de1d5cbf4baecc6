import {
  LayoutGrid,
  PanelRightClose,
  PanelRightOpen,
  Route,
  Users,
  ZoomIn,
  ZoomOut,
  type LucideIcon,
} from 'lucide-react';
import type { ReactNode, RefObject } from 'react';
import type { BoardHandle } from '../../board/Board.tsx';
import type { Distance } from '../../board/distance.ts';

export const ZOOM_STEP = 1.3;

interface Props {
  readonly board: RefObject<BoardHandle | null>;
  readonly distance: Distance;
  readonly isPanelOpen: boolean;
  readonly onDistance: (distance: Distance) => void;
  readonly onPanel: () => void;
  readonly onHelp: () => void;
}

const DISTANCES: readonly (readonly [Distance, string, string, LucideIcon])[] = [
  ['room', 'The whole room', '1', LayoutGrid],
  ['station', 'Stations, everyone side by side', '2', Users],
  ['route', 'One route alone', '3', Route],
];

/** How the board is shown: from how far, time on the screen, the panel, the keys. */
export function Tools({ board, distance, isPanelOpen, onDistance, onPanel, onHelp }: Props) {
  return (
    <div role="toolbar" aria-label="How the board is shown" aria-orientation="vertical" className="grid">
      <Tool label={isPanelOpen ? 'Close the panel' : 'Open the panel'} isExpanded={isPanelOpen} onClick={onPanel}>
        {isPanelOpen ? <PanelRightClose size={19} aria-hidden /> : <PanelRightOpen size={19} aria-hidden />}
      </Tool>
      {DISTANCES.map(([to, label, keys, Icon]) => (
        <Tool key={to} label={label} keys={keys} isPressed={distance === to} onClick={() => onDistance(to)}>
          <Icon size={19} aria-hidden />
        </Tool>
      ))}
      <Tool label="Less time on the screen" keys="+" onClick={() => board.current?.zoomBy(ZOOM_STEP)}>
        <ZoomIn size={19} aria-hidden />
      </Tool>
      <Tool label="More time on the screen" keys="−" onClick={() => board.current?.zoomBy(1 / ZOOM_STEP)}>
        <ZoomOut size={19} aria-hidden />
      </Tool>
      <Tool label="Keys" keys="?" onClick={onHelp}>
        <span aria-hidden className="font-bold">
          ?
        </span>
      </Tool>
    </div>
  );
}

interface ToolProps {
  readonly label: string;
  readonly keys?: string;
  readonly isExpanded?: boolean;
  readonly isPressed?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}

function Tool({ label, keys, isExpanded, isPressed, onClick, children }: ToolProps) {
  return (
    <button
      type="button"
      className={`grid h-9 place-items-center hover:bg-steel ${isPressed === true ? 'bg-hands text-on-hands hover:bg-hands' : ''}`}
      aria-label={label}
      aria-pressed={isPressed}
      aria-expanded={isExpanded}
      title={keys === undefined ? label : `${label} (${keys})`}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
