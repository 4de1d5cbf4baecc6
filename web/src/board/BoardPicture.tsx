import { useId, useMemo } from 'react';
import { PAPER } from './palette.ts';
import { pictureSvg, type PictureOf } from './picture.ts';
import { useRuler } from './use-ruler.ts';

/** The room as a black and white picture on one page, or a part of it. */
export function BoardPicture({
  plan,
  workshop,
  width,
  height,
  without,
  remarks,
}: Omit<PictureOf, 'colours' | 'ruler'>) {
  const ruler = useRuler();
  const name = useId();
  const svg = useMemo(
    () =>
      pictureSvg(name, 'The plan as a picture; the same follows as a list', {
        plan,
        workshop,
        width,
        height,
        without,
        remarks,
        colours: PAPER,
        ruler,
      }),
    [name, plan, workshop, width, height, without, remarks, ruler],
  );
  // its texts are escaped where it is written
  return <div className="block break-after-page" style={{ width, height }} dangerouslySetInnerHTML={{ __html: svg }} />;
}
