import { lookChanged, type BoardLook } from './look-slice.ts';
import type { AppThunk } from './store.ts';

/** Places as somebody set them for a class; kept in the browser, since they are nobody else's. */
type Places = Pick<BoardLook, 'folded' | 'order' | 'panel'>;
const keyOf = (classId: string): string => `hodsman:places:${classId}`;

const UNARRANGED: Places = { folded: [], order: [], panel: 'auto' };

function keptPlaces(classId: string): Places {
  try {
    return { ...UNARRANGED, ...(JSON.parse(localStorage.getItem(keyOf(classId)) ?? '{}') as Partial<Places>) };
  } catch {
    return UNARRANGED;
  }
}

/** Another class is looked at: nothing of it is selected, and its places are as they were set. */
export const lookAtClass =
  (classId: string): AppThunk =>
  (dispatch) =>
    dispatch(
      lookChanged({
        selected: undefined,
        followed: undefined,
        atSec: undefined,
        distance: 'room',
        ...keptPlaces(classId),
      }),
    );

/** Places are folded or moved, or the panel is opened or closed, and stay so for this class. */
export const arrangePlaces =
  (places: Partial<Places>): AppThunk =>
  (dispatch, getState) => {
    dispatch(lookChanged(places));
    const { draft, look } = getState();
    const { folded, order, panel } = look;
    if (draft) localStorage.setItem(keyOf(draft.id), JSON.stringify({ folded, order, panel }));
  };
