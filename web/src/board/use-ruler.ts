import { useEffect, useState } from 'react';
import { makeRuler, type Ruler } from './ruler.ts';

/** A ruler for the typeface of the page, made anew when the typeface has come. */
export function useRuler(): Ruler {
  const [ruler, setRuler] = useState(makeRuler);
  useEffect(() => {
    let isThere = true;
    void document.fonts.ready.then(() => isThere && setRuler(makeRuler()));
    return () => {
      isThere = false;
    };
  }, []);
  return ruler;
}
