import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly isOn: boolean;
  readonly onTick: () => void;
  /** The sheet as it lies on paper; of a long one the beginning. */
  readonly children: ReactNode;
}

/** A sheet to choose, with a picture of its beginning. */
export function SheetChoice({ title, isOn, onTick, children }: Props) {
  return (
    <li>
      <label className="grid cursor-pointer gap-1 has-focus-visible:outline-3">
        <span
          aria-hidden
          inert
          className={`block h-32 overflow-hidden rounded-cut border-2 bg-white ${isOn ? 'border-hands' : 'border-line opacity-60'}`}
        >
          <span className="block w-fit origin-top-left scale-[0.17] p-[6mm]">{children}</span>
        </span>
        <span className="flex items-start gap-2">
          <input type="checkbox" checked={isOn} className="mt-0.5 size-5 accent-hands" onChange={onTick} />
          {title}
        </span>
      </label>
    </li>
  );
}
