import { useState } from 'react';
import { bestOffers, durationText, liveVerdict, type Offer } from '@hodsman/core';
import { planAgain, planOffers } from '../../planning/live-plan.ts';
import { useAppDispatch } from '../../store/hooks.ts';
import { BIG_BUTTON, TAP_BUTTON } from './looks.ts';
import type { RunParts } from './run-parts.ts';
import { secOf } from './use-replan.ts';

/** "Ten minutes late: what gives?" – three things at most that could, each planned, with whose breads it costs and what it saves. */
export function WhatGives({ live, state, trouble }: RunParts) {
  const [offers, setOffers] = useState<readonly Offer[]>([]);
  const [isAsking, setAsking] = useState(false);
  const [wasAsked, setWasAsked] = useState(false);
  const dispatch = useAppDispatch();
  const { inHandSec } = liveVerdict(state);
  const best = isAsking ? [] : bestOffers(offers);
  const ask = async (): Promise<void> => {
    setAsking(true);
    setOffers([]);
    try {
      const sec = secOf(state, live);
      const without = await dispatch(planAgain(state, sec));
      if (without) await dispatch(planOffers(state, sec, without, (o) => setOffers((list) => [...list, o])));
      setWasAsked(without !== null);
    } finally {
      setAsking(false);
    }
  };
  const take = (offer: Offer): void => {
    // a while has gone since it was planned: what was decided is planned from now
    trouble('decided', { choice: offer.choice });
    setOffers([]);
    setWasAsked(false);
  };
  return (
    <section aria-label="What gives?" className="grid gap-3">
      <div className="flex flex-wrap items-center gap-4">
        <button type="button" className={BIG_BUTTON} disabled={isAsking} onClick={() => void ask()}>
          {isAsking ? 'Planning …' : 'What gives?'}
        </button>
        <p className="text-lg">
          {inHandSec < 0 ? `${durationText(-inHandSec)} late at the table.` : `${durationText(inHandSec)} in hand.`} Up
          to three ways to be sooner, each planned before you take it.
        </p>
      </div>
      {wasAsked && !isAsking && best.length === 0 && (
        <p className="text-lg">Nothing that could give would make it sooner.</p>
      )}
      <ul className="grid gap-3 md:grid-cols-3">
        {best.map((o) => (
          <li key={o.words} className="grid content-between gap-2 rounded-cut border border-line bg-panel p-3 text-lg">
            <div className="grid gap-1">
              <b>{o.words}</b>
              <span>{o.cost}</span>
              <span className="figures font-semibold">{o.saves}</span>
            </div>
            <button type="button" className={TAP_BUTTON} onClick={() => take(o)}>
              Do this
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
