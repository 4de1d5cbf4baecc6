import { CalendarSync, Copy, Unlink } from 'lucide-react';
import { useState } from 'react';
import { SIDE_BUTTON } from '../../ui/buttons.ts';
import { Notice } from '../../ui/Notice.tsx';
import { useGetCalendarAddressQuery, usePutCalendarAddressMutation } from './feed-api.ts';

/** An address under which calendars fetch this class again and again, and the way to take it back. */
export function CalendarAddress({ classId }: { readonly classId: string }) {
  const { data } = useGetCalendarAddressQuery(classId);
  const [put, { isError, isLoading }] = usePutCalendarAddressMutation();
  const path = data?.path ?? null;
  const change = (isGiven: boolean): void => void put({ classId, isGiven });
  return (
    <section aria-label="Address for calendars" className="grid gap-2">
      {isError && <Notice>The server does not answer, so the address is as it was.</Notice>}
      {path === null ? (
        <button
          type="button"
          className={`${SIDE_BUTTON} w-fit`}
          disabled={!data || isLoading}
          onClick={() => change(true)}
        >
          <CalendarSync size={18} aria-hidden /> Address for calendars …
        </button>
      ) : (
        <>
          <label className="grid gap-1">
            <span className="text-sm text-quiet">
              Calendars that have this address show the class as it is saved, and so does everybody who is handed it
            </span>
            <input
              readOnly
              value={`${location.origin}${path}`}
              className="min-h-11 w-full rounded-cut border border-line bg-panel px-2"
              onFocus={(e) => e.target.select()}
            />
          </label>
          <div className="flex flex-wrap gap-3">
            <CopyButton text={`${location.origin}${path}`} />
            <button type="button" className={SIDE_BUTTON} disabled={isLoading} onClick={() => change(false)}>
              <Unlink size={18} aria-hidden /> Take it back
            </button>
          </div>
        </>
      )}
    </section>
  );
}

/** Browsers let a page copy only where it came over HTTPS or from this machine; elsewhere the address is selected by hand. */
function CopyButton({ text }: { readonly text: string }) {
  const [isCopied, setCopied] = useState(false);
  if (!window.isSecureContext) return null;
  const copy = async (): Promise<void> => {
    await navigator.clipboard.writeText(text);
    setCopied(true);
  };
  return (
    <button type="button" className={SIDE_BUTTON} onClick={() => void copy()}>
      <Copy size={18} aria-hidden /> {isCopied ? 'Copied' : 'Copy'}
    </button>
  );
}
