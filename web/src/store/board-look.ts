import { lookChanged, type BoardLook } from './look-slice.ts';
import type { AppThunk } from './store.ts';

/** Places as somebody set them for a class; kept in the browser, since they are nobody else's. */
type Places = Pick<BoardLook, 'folded' | 'order'>;
const keyOf = (classId: string): string => `hodsman:places:${classId}`;

function keptPlaces(classId: string): Places {
  try {
    const { folded, order } = JSON.parse(localStorage.getItem(keyOf(classId)) ?? '{}') as Partial<Places>;
    return { folded: folded ?? [], order: order ?? [] };
  } catch {
    return { folded: [], order: [] };
  }
}

/** Another class is looked at: nothing of it is selected, and its places are as they were set. */
export const lookAtClass =
  (classId: string): AppThunk =>
  (dispatch) =>
    dispatch(lookChanged({ selected: undefined, followed: undefined, ...keptPlaces(classId) }));

/** Places are folded or moved, and stay so for this class. */
export const arrangePlaces =
  (places: Partial<Places>): AppThunk =>
  (dispatch, getState) => {
    dispatch(lookChanged(places));
    const { draft, look } = getState();
    if (draft) localStorage.setItem(keyOf(draft.id), JSON.stringify({ folded: look.folded, order: look.order }));
  };
