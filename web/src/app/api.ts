import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { Bread, Kitchen } from '@hodsman/core';

export type DocumentKind = 'class' | 'bread' | 'kitchen' | 'pantry';

export interface DocumentSummary {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
}
export interface StoredDocument extends DocumentSummary {
  readonly body: unknown;
}
/** A bread of the library; the server has read it by the core's schema. */
export interface StoredBread extends DocumentSummary {
  readonly body: Bread;
}

/** A kitchen of the list. */
export interface StoredKitchen extends DocumentSummary {
  readonly body: Kitchen;
}
/** The text of a booking feed, with its media type; a stand-in can be told to move on. */
export interface FeedAnswer {
  readonly type: string;
  readonly text: string;
  readonly isStandIn: boolean;
}

/** The server, as RTK Query endpoints; the one way in which this application fetches. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['class', 'bread', 'kitchen', 'pantry'],
  endpoints: (build) => ({
    listDocuments: build.query<readonly DocumentSummary[], DocumentKind>({
      query: (kind) => `documents/${kind}`,
      providesTags: (_list, _error, kind) => [kind],
    }),
    // what a document was when this page last saved it is the draft's business, so nothing of it is cached
    getDocument: build.query<StoredDocument, { readonly kind: DocumentKind; readonly id: string }>({
      query: ({ kind, id }) => `documents/${kind}/${id}`,
      keepUnusedDataFor: 0,
    }),
    listClasses: build.query<readonly StoredDocument[], null>({
      query: () => 'documents/class?whole=true',
      providesTags: ['class'],
    }),
    listKitchens: build.query<readonly StoredKitchen[], null>({
      query: () => 'documents/kitchen?whole=true',
      providesTags: ['kitchen'],
    }),
    listBreads: build.query<readonly StoredBread[], null>({
      query: () => 'documents/bread?whole=true',
      providesTags: ['bread'],
    }),
    createDocument: build.mutation<StoredDocument, { readonly kind: DocumentKind; readonly body: unknown }>({
      query: ({ kind, body }) => ({ url: `documents/${kind}`, method: 'POST', body }),
      invalidatesTags: (_made, _error, { kind }) => [kind],
    }),
    removeDocument: build.mutation<
      null,
      { readonly kind: DocumentKind; readonly id: string; readonly version: number }
    >({
      query: ({ kind, id, version }) => ({ url: `documents/${kind}/${id}?version=${version}`, method: 'DELETE' }),
      invalidatesTags: (_gone, _error, { kind }) => [kind],
    }),
    /** What the booking feed says of a day, as it came. */
    getBookings: build.query<FeedAnswer, string>({
      query: (date) => `bookings?date=${date}`,
      keepUnusedDataFor: 0,
    }),
    /** Moves the simulated feed on to its next news. */
    moveStandIn: build.mutation<null, null>({ query: () => ({ url: 'stand-in/bookings/later', method: 'POST' }) }),
    saveDocument: build.mutation<
      StoredDocument,
      { readonly kind: DocumentKind; readonly id: string; readonly version: number; readonly body: unknown }
    >({
      query: ({ kind, id, ...rest }) => ({ url: `documents/${kind}/${id}`, method: 'PUT', body: rest }),
      // the library is long: the one bread in it that was saved is put in its place, nothing is fetched again
      onQueryStarted: async ({ kind, id }, { dispatch, queryFulfilled }) => {
        if (kind !== 'bread') {
          await queryFulfilled.then(() => dispatch(api.util.invalidateTags([kind]))).catch(() => undefined);
          return;
        }
        const saved = await queryFulfilled.then(({ data }) => data as StoredBread).catch(() => undefined);
        if (!saved) return;
        dispatch(api.util.updateQueryData('listBreads', null, (list) => list.map((b) => (b.id === id ? saved : b))));
      },
    }),
  }),
});

export const {
  useListClassesQuery,
  useListDocumentsQuery,
  useGetDocumentQuery,
  useListBreadsQuery,
  useListKitchensQuery,
} = api;
export const { useCreateDocumentMutation, useRemoveDocumentMutation, useSaveDocumentMutation } = api;
export const { useLazyGetBookingsQuery, useMoveStandInMutation } = api;
