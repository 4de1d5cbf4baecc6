import { useEffect, useMemo, useRef } from 'react';
import { coldGriddles, fillingsNow, rollCall, sayings, turnsOf, type LiveState, type Plan } from '@hodsman/core';

/** What was due so much before the voice was switched on, or before the page woke up, is not said any more. */
const STALE_SEC = 15;
/** A tone of its own for each griddle: the steps of a pentatonic scale from the a of 220 Hz (ratios of just intonation). */
const TONES = [1, 9 / 8, 5 / 4, 3 / 2, 5 / 3, 2].map((ratio) => 220 * ratio);
const TONE_SEC = 0.6;

/** Says the calls with the browser's own voice, and sounds each griddle's tone when a bread there is turned or comes off. */
export function useVoice(isOn: boolean, state: LiveState, plan: Plan, sec: number): void {
  const { workshop, notes } = state;
  const due = useMemo(() => {
    if (!isOn) return { words: [], tones: [] };
    // nobody is called to a griddle before it is hot
    const calls = rollCall(workshop, plan, notes.remarks, fillingsNow(workshop, plan, notes.fillings)).filter(
      (c) => coldGriddles(state, plan, c).length === 0,
    );
    const tones = plan.tasks.flatMap((t) => {
      const griddle = workshop.kitchen.griddles.findIndex((g) => t.at?.kind === 'griddle' && g.id === t.at.id);
      if (griddle < 0 || t.kind !== 'step') return [];
      return [...turnsOf(t), t.endSec].map((atSec) => ({
        key: `${t.id} ${atSec}`,
        atSec,
        hz: TONES[griddle % TONES.length] ?? 220,
      }));
    });
    return { words: sayings(workshop, plan, calls), tones };
  }, [isOn, state, workshop, notes, plan]);
  const said = useRef(new Set<string>());
  useEffect(() => {
    const isDue = ({ key, atSec }: { readonly key: string; readonly atSec: number }): boolean =>
      atSec <= sec && atSec > sec - STALE_SEC && !said.current.has(key);
    for (const s of due.words.filter(isDue)) {
      said.current.add(s.key);
      speechSynthesis.speak(new SpeechSynthesisUtterance(s.words));
    }
    for (const t of due.tones.filter(isDue)) {
      said.current.add(t.key);
      sound(t.hz);
    }
  }, [due, sec]);
}

let audio: AudioContext | undefined;

function sound(hz: number): void {
  audio ??= new AudioContext();
  const [tone, loud] = [audio.createOscillator(), audio.createGain()];
  const end = audio.currentTime + TONE_SEC;
  tone.frequency.value = hz;
  loud.gain.setValueAtTime(0.3, audio.currentTime);
  loud.gain.exponentialRampToValueAtTime(0.001, end);
  tone.connect(loud).connect(audio.destination);
  tone.start();
  tone.stop(end);
}
