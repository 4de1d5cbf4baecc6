import { Link, useLocation } from 'react-router';

const WAYS = [
  ['/classes', 'Classes'],
  ['/breads', 'Breads'],
  ['/kitchens', 'Kitchens'],
] as const;

/** There is nothing at this address, and the ways on. */
export function NoPage() {
  const { pathname } = useLocation();
  return (
    <main className="mx-auto grid max-w-xl gap-4 p-8">
      <h1 className="text-2xl">There is no such page</h1>
      <p>
        Nothing is at <b className="break-all">{pathname}</b>. A link may be old, or an address mistyped; no class,
        bread or kitchen is lost by it.
      </p>
      <nav aria-label="Ways on" className="flex flex-wrap gap-3">
        {WAYS.map(([to, name]) => (
          <Link key={to} to={to} className="rounded-cut border border-line px-4 py-2.5 font-semibold hover:bg-steel">
            {name}
          </Link>
        ))}
      </nav>
    </main>
  );
}
