import { NavLink } from 'react-router';

interface Props {
  readonly label: string;
  readonly tabs: readonly { readonly to: string; readonly name: string; readonly note?: string | undefined }[];
}

/** The parts of one step, side by side under it; a note says what waits there. */
export function SubTabs({ label, tabs }: Props) {
  return (
    <nav
      aria-label={label}
      className="flex flex-wrap gap-1 border-b border-line bg-panel px-3 max-sm:flex-nowrap max-sm:overflow-x-auto max-sm:px-1 print:hidden"
    >
      {tabs.map(({ to, name, note }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive }) =>
            `flex min-h-11 shrink-0 items-center gap-2 border-b-3 px-3 max-sm:min-h-10 max-sm:px-2 ${isActive ? 'border-ink font-semibold' : 'border-transparent text-quiet hover:text-ink'}`
          }
        >
          {name}
          {note !== undefined && (
            <span className="figures rounded-cut border border-trouble px-1.5 text-sm text-trouble">{note}</span>
          )}
        </NavLink>
      ))}
    </nav>
  );
}
