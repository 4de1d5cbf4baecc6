import { useEffect } from 'react';

/** Keeps the screen awake while the view is open, where the browser can; a screen that was hidden asks again. */
export function useAwake(): void {
  useEffect(() => {
    let held: WakeLockSentinel | undefined;
    let isOpen = true;
    const ask = async (): Promise<void> => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (isOpen) held = got;
        else await got.release();
      } catch {
        // a browser that saves its battery says no; the class runs all the same
      }
    };
    const again = (): void => void ask();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOpen = false;
      document.removeEventListener('visibilitychange', again);
      void held?.release();
    };
  }, []);
}
