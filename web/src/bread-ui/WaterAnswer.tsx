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
}

const g = (x: number): string => (x >= 1000 ? `${(x / 1000).toFixed(2)} l` : `${Math.round(x)} ml`);

/** The same in a line, for a card. */
export function WaterLine({ answer }: { readonly answer: WaterFigures }) {
  const { waterC, blend } = answer;
  return (
    <p className="mt-1">
      water at <b className="figures">{waterC.toFixed(0)} °C</b>
      {blend.kettleG >= 1 && `: ${g(blend.kettleG)} kettle, ${g(blend.tapG)} tap`}
    </p>
  );
}

export function WaterAnswer({ answer }: { readonly answer: WaterFigures }) {
  const { waterC, ruleC, byBalance, waterG, blend, scaldsYeast } = answer;
  const isOut = Math.abs(blend.reachesC - waterC) > 0.5;
  return (
    <div className="rounded-cut border border-line bg-panel p-4" data-testid="water-answer">
      <p>
        <span className="figures text-3xl font-semibold">{waterC.toFixed(0)} °C</span>{' '}
        <span className="figures text-quiet">({((waterC * 9) / 5 + 32).toFixed(0)} °F)</span> for {g(waterG)} of water
      </p>
      <p className="mt-1">
        {blend.kettleG < 1
          ? 'From the tap as it is.'
          : `${g(blend.kettleG)} from the kettle and ${g(blend.tapG)} from the tap: ${Math.round(blend.share * 100)} % kettle${blend.kettles > 1 ? `, boiled ${blend.kettles} times` : ''}.`}
      </p>
      {isOut && (
        <p className="mt-1 text-trouble">
          Kettle and tap reach {blend.reachesC.toFixed(0)} °C at most or at least:{' '}
          {waterC > blend.reachesC ? 'warm the flour or the room' : 'put ice in the water'}.
        </p>
      )}
      {scaldsYeast && <p className="mt-1 text-trouble">Yeast dies over 55 °C: do not pour this on it.</p>}
      <p className="mt-1 text-sm text-quiet">
        {byBalance
          ? `By the balance of heat, since a third or more of the liquid comes cold; the handbook rule alone would say ${ruleC.toFixed(0)} °C.`
          : 'By the handbook rule of the desired dough temperature.'}
      </p>
    </div>
  );
}
