import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { takeBread } from '@hodsman/core';
import { broughtBread } from '../../planning/bringing.ts';
import { editRecord } from '../../planning/edit.ts';
import { useAppDispatch } from '../../store/hooks.ts';

/** Puts on the menu, once, the bread that somebody came with from the library. */
export function useBroughtBread(): void {
  const { state, pathname } = useLocation() as { readonly state: unknown; readonly pathname: string };
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  useEffect(() => {
    const brought = broughtBread(state);
    if (!brought) return;
    dispatch(editRecord((r) => takeBread(r, brought, true)));
    void navigate(pathname, { replace: true, state: null });
  }, [state, pathname, dispatch, navigate]);
}
