import { celsiusText, griddleName, heatAsked, type Workshop } from '@hodsman/core';
import { TypedOnce } from './TypedOnce.tsx';
import type { RunParts } from './run-parts.ts';

/** A surface hotter than this is a slip of the fingers. */
const MOST_C = 400;

interface Props extends Pick<RunParts, 'state' | 'plan' | 'sec' | 'say'> {
  readonly griddle: Workshop['kitchen']['griddles'][number];
}

/** The heat that a griddle's next bread asks for, and what a thermometer says of its surface: hot from there on, without a tap. */
export function Surface({ griddle, state, plan, sec, say }: Props) {
  const asked = heatAsked(state.workshop, plan, griddle.id, sec);
  if (!asked) return null;
  const { surfaceC, isHot } = state.griddles[griddle.id] ?? {};
  const isCold = surfaceC !== undefined && isHot !== true && surfaceC < asked.fromC;
  return (
    <div className="flex flex-wrap items-end gap-3" role="group" aria-label={`Surface of ${griddleName(griddle)}`}>
      <span className="min-w-48 flex-1 text-quiet">
        {asked.breadName}: {asked.heat} heat{asked.isAssumed && ' (the method names none)'}, from{' '}
        {celsiusText(asked.fromC)}
        {isCold && <b className="text-trouble"> – {celsiusText(surfaceC)} is too cold</b>}
      </span>
      <TypedOnce
        label="Surface"
        quantity="temperature"
        most={MOST_C}
        value={surfaceC}
        onTake={(c) => say('griddle-measured', { griddle: griddle.id, surfaceC: c, isHot: c >= asked.fromC })}
      />
    </div>
  );
}
