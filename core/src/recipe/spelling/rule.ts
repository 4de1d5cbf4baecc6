import type { Mapped } from '../mapped.ts';
import { gateOf, needsOf, type Letters, type Needs } from '../needs.ts';

/** One spelling for another: what is replaced, and by what. */
export type Spelling = readonly [RegExp, string | ((...m: string[]) => string)];

/** Rules one after another; a rule builds on what those before it have spelled. */
export const inOrder = (rules: readonly Spelling[]): ((line: Mapped) => Mapped) => {
  let gates: Gates | undefined;
  return (line) => (gates ??= new Gates(rules)).spelled(line);
};

/** Rules in their order, of which a text is only asked for those that the rarest of their letters let in. */
class Gates {
  private readonly needs: readonly Needs[];
  /** The rules behind each pair of letters, and those that any text may need. */
  private readonly behind = new Map<number, number[]>();
  private readonly open: readonly number[];

  constructor(private readonly rules: readonly Spelling[]) {
    this.needs = rules.map(([from]) => needsOf(from));
    const gates = this.needs.map(gateOf);
    for (const [rule, gate] of gates.entries())
      for (const bit of gate) this.behind.set(bit, [...(this.behind.get(bit) ?? []), rule]);
    this.open = gates.flatMap((gate, rule) => (gate.length === 0 ? [rule] : []));
  }

  spelled(line: Mapped): Mapped {
    let text = line;
    let isIn = this.for(text.letters);
    // by its number, since it is passed thousands of times for one recipe
    for (let n = 0; n < isIn.length; n++) {
      const rule = isIn[n] === 1 ? this.rules[n] : undefined;
      if (!rule) continue;
      const before = text;
      text = text.replace(rule[0], rule[1], this.needs[n]);
      // what was spelled anew may have letters that it had not
      if (text !== before) isIn = this.for(text.letters);
    }
    return text;
  }

  /** 1 for each rule that a text with these letters may need. */
  private for(letters: Letters): Uint8Array {
    const isIn = new Uint8Array(this.rules.length);
    for (const rule of this.open) isIn[rule] = 1;
    for (const bit of letters.bits) for (const rule of this.behind.get(bit) ?? NONE) isIn[rule] = 1;
    return isIn;
  }
}
const NONE: readonly number[] = [];
