import { useEffect, useState, useSyncExternalStore } from 'react';
import { newId } from '../ui/new-id.ts';
import { deviceKeep } from './keep.ts';
import { LiveClass, type LiveView } from './live-class.ts';
import { httpServer } from './server.ts';

const DEVICE = 'hodsman:device';

/** The name of this device, made once. */
function deviceName(): string {
  const known = localStorage.getItem(DEVICE);
  if (known !== null) return known;
  const made = newId();
  localStorage.setItem(DEVICE, made);
  return made;
}

const open = new Map<string, LiveClass>();

/** A class that runs, shared by every view of this page; it stays open as long as the page does. */
export function liveOf(classId: string): LiveClass {
  const live = open.get(classId) ?? new LiveClass(classId, deviceName(), httpServer, deviceKeep());
  open.set(classId, live);
  return live;
}

/** The same for a view, with what is seen of it. */
export function useLive(classId: string): { readonly live: LiveClass; readonly view: LiveView } {
  const live = liveOf(classId);
  const view = useSyncExternalStore(live.subscribe, live.current);
  return { live, view };
}

const TICK_MS = 250;

/** The server's clock, told four times a second. */
export function useNow(live: LiveClass): number {
  const [now, setNow] = useState(live.nowMs);
  useEffect(() => {
    const timer = setInterval(() => setNow(live.nowMs()), TICK_MS);
    return () => clearInterval(timer);
  }, [live]);
  return now;
}
