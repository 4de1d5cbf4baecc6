import { useEffect, useRef, useState } from 'react';
import { isTrouble, simulatedHands, type LiveState, type Tap } from '@hodsman/core';
import type { Say } from './run-parts.ts';

/** Simulated hands of the same rehearsal do the same each time. */
const SEED = 7;
const NONE: readonly Tap[] = [];

/** Hands that tap as people would, in a rehearsal alone; from the moment on at which they are switched on. */
export function useHands({ workshop, plan, isRehearsal }: LiveState, sec: number, say: Say, trouble: Say) {
  const [taps, setTaps] = useState(NONE);
  const done = useRef(new Set<Tap>());
  useEffect(() => {
    for (const tap of taps) {
      if (tap.sec > sec || done.current.has(tap)) continue;
      done.current.add(tap);
      // a tap's kind and data go together by its type
      (isTrouble(tap.kind) ? trouble : say)(tap.kind, tap.data as never);
    }
  });
  const isOn = taps.length > 0;
  const toggle = (): void => {
    setTaps(isOn || !isRehearsal ? NONE : simulatedHands(workshop, plan, SEED).filter((t) => t.sec >= sec));
  };
  return { isOn, toggle };
}
