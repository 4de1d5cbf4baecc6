import { Maximize2, PanelRightClose, PanelRightOpen, ZoomIn, ZoomOut } from 'lucide-react';
import type { ReactNode, RefObject } from 'react';
import type { BoardHandle } from '../../board/Board.tsx';

export const ZOOM_STEP = 1.3;

interface Props {
  readonly board: RefObject<BoardHandle | null>;
  readonly isPanelOpen: boolean;
  readonly onPanel: () => void;
  readonly onHelp: () => void;
}

/** How the board is shown: time on the screen, the panel, the keys. */
export function Tools({ board, isPanelOpen, onPanel, onHelp }: Props) {
  return (
    <div role="toolbar" aria-label="How the board is shown" aria-orientation="vertical" className="grid">
      <Tool label={isPanelOpen ? 'Close the panel' : 'Open the panel'} isExpanded={isPanelOpen} onClick={onPanel}>
        {isPanelOpen ? <PanelRightClose size={19} aria-hidden /> : <PanelRightOpen size={19} aria-hidden />}
      </Tool>
      <Tool label="Less time on the screen" keys="+" onClick={() => board.current?.zoomBy(ZOOM_STEP)}>
        <ZoomIn size={19} aria-hidden />
      </Tool>
      <Tool label="More time on the screen" keys="−" onClick={() => board.current?.zoomBy(1 / ZOOM_STEP)}>
        <ZoomOut size={19} aria-hidden />
      </Tool>
      <Tool label="The whole class on the screen" keys="0" onClick={() => board.current?.fit()}>
        <Maximize2 size={18} aria-hidden />
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
  readonly onClick: () => void;
  readonly children: ReactNode;
}

function Tool({ label, keys, isExpanded, onClick, children }: ToolProps) {
  return (
    <button
      type="button"
      className="grid h-9 place-items-center hover:bg-steel"
      aria-label={label}
      aria-expanded={isExpanded}
      title={keys === undefined ? label : `${label} (${keys})`}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
