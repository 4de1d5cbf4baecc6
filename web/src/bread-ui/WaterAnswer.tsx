import { celsiusText, litresText, pctText, YEAST_DIES_C } from '@hodsman/core';

/** How warm the water is to be and how it is blended; figures come ready from the core. */
export interface WaterFigures {
  readonly waterC: number;
  readonly ruleC: number;
  readonly byBalance: boolean;
  readonly waterG: number;
  readonly blend: {
    readonly kettleG: number;
    readonly tapG: number;
    readonly kettles: number;
    readonly share: number;
    readonly reachesC: number;
  };
  readonly scaldsYeast: boolean;
  readonly curdlesYogurt: boolean;
}

/** The same in a line, for a card. */
export function WaterLine({ answer }: { readonly answer: WaterFigures }) {
  const { waterC, blend } = answer;
  return (
    <p className="mt-1">
      water at <b className="figures">{celsiusText(waterC)}</b>
      {blend.kettleG >= 1 && `: ${litresText(blend.kettleG)} kettle, ${litresText(blend.tapG)} tap`}
    </p>
  );
}

export function WaterAnswer({ answer }: { readonly answer: WaterFigures }) {
  const { waterC, ruleC, byBalance, waterG, blend, scaldsYeast, curdlesYogurt } = answer;
  const isOut = Math.abs(blend.reachesC - waterC) > 0.5;
  return (
    <div className="rounded-cut border border-line bg-panel p-4" data-testid="water-answer">
      <p>
        <span className="figures text-3xl font-semibold">{celsiusText(waterC)}</span> for {litresText(waterG)} of water
      </p>
      <p className="mt-1">
        {blend.kettleG < 1
          ? 'From the tap as it is.'
          : `${litresText(blend.kettleG)} from the kettle and ${litresText(blend.tapG)} from the tap: ${pctText(100 * blend.share)} kettle${blend.kettles > 1 ? `, boiled ${blend.kettles} times` : ''}.`}
      </p>
      {isOut && (
        <p className="mt-1 text-trouble">
          Kettle and tap reach {celsiusText(blend.reachesC)} at most or at least:{' '}
          {waterC > blend.reachesC ? 'warm the flour or the room' : 'put ice in the water'}.
        </p>
      )}
      {scaldsYeast && (
        <p className="mt-1 text-trouble">Yeast dies over {celsiusText(YEAST_DIES_C)}: do not pour this on it.</p>
      )}
      {curdlesYogurt && (
        <p className="mt-1 text-trouble">
          Yogurt curdles over {celsiusText(YEAST_DIES_C)} and its culture dies: stir this water into the flour first, or
          let the yogurt lose its chill.
        </p>
      )}
      <p className="mt-1 text-sm text-quiet">
        {byBalance
          ? `By the balance of heat, since a third or more of the liquid comes cold; the handbook rule alone would say ${celsiusText(ruleC)}.`
          : 'By the handbook rule of the desired dough temperature.'}
      </p>
    </div>
  );
}
