import { useRouteError } from 'react-router';
import { Notice } from '../../ui/Notice.tsx';
import { MAIN_BUTTON } from '../../ui/buttons.ts';

/** A part of the page could not be shown; what was typed is kept on this device, and a reload brings it back. */
export function Broken() {
  const error = useRouteError();
  return (
    <main className="mx-auto grid max-w-xl gap-4 p-8">
      <Notice>
        <p>This page could not be shown. What you changed is kept on this device.</p>
        {error instanceof Error && <p className="text-sm">{error.message}</p>}
      </Notice>
      <button type="button" className={MAIN_BUTTON} onClick={() => globalThis.location.reload()}>
        Load it again
      </button>
    </main>
  );
}
