import { useDispatch, useSelector } from 'react-redux';
import type { Planners } from '../workers/planner-client.ts';
import type { AppDispatch, AppThunk, RootState } from './store.ts';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

const plannersOf: AppThunk<Planners> = (_dispatch, _getState, { planners }) => planners;
/** Planning off the page's own thread; the same for as long as the page is open. */
export const usePlanners = (): Planners => useAppDispatch()(plannersOf);
