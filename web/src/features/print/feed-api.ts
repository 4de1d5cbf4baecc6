import { api } from '../../documents/api.ts';

/** Where calendars fetch a class; null where nobody gave such an address. */
interface CalendarAddress {
  readonly path: string | null;
}

const address = (classId: string): string => `classes/${classId}/calendar-address`;

/** The addresses under which calendars fetch classes: part of the one way in which this application fetches. */
const feedApi = api.injectEndpoints({
  endpoints: (build) => ({
    getCalendarAddress: build.query<CalendarAddress, string>({ query: address, keepUnusedDataFor: 0 }),
    /** Gives an address, or takes it back. */
    putCalendarAddress: build.mutation<CalendarAddress, { readonly classId: string; readonly isGiven: boolean }>({
      query: ({ classId, isGiven }) => ({ url: address(classId), method: isGiven ? 'PUT' : 'DELETE' }),
      onQueryStarted: async ({ classId }, { dispatch, queryFulfilled }) => {
        const answer = await queryFulfilled.catch(() => undefined);
        if (answer) await dispatch(feedApi.util.upsertQueryData('getCalendarAddress', classId, answer.data));
      },
    }),
  }),
});

export const { useGetCalendarAddressQuery, usePutCalendarAddressMutation } = feedApi;
