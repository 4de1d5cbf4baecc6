import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { Bread } from '@hodsman/core';

export type DocumentKind = 'class' | 'bread' | 'kitchen';

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

/** The server, as RTK Query endpoints; the one way in which this application fetches. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  tagTypes: ['library'],
  endpoints: (build) => ({
    listClasses: build.query<readonly DocumentSummary[], null>({ query: () => 'documents/class' }),
    // what a class was when this page last saved it is the draft's business, so nothing of it is cached
    getClass: build.query<StoredDocument, string>({ query: (id) => `documents/class/${id}`, keepUnusedDataFor: 0 }),
    listBreads: build.query<readonly StoredBread[], null>({
      query: () => 'documents/bread?whole=true',
      providesTags: ['library'],
    }),
    getBread: build.query<StoredDocument, string>({ query: (id) => `documents/bread/${id}`, keepUnusedDataFor: 0 }),
    createBread: build.mutation<StoredBread, Bread>({
      query: (body) => ({ url: 'documents/bread', method: 'POST', body }),
      invalidatesTags: ['library'],
    }),
    removeBread: build.mutation<null, { readonly id: string; readonly version: number }>({
      query: ({ id, version }) => ({ url: `documents/bread/${id}?version=${version}`, method: 'DELETE' }),
      invalidatesTags: ['library'],
    }),
    saveDocument: build.mutation<
      StoredDocument,
      { readonly kind: DocumentKind; readonly id: string; readonly version: number; readonly body: unknown }
    >({
      query: ({ kind, id, ...rest }) => ({ url: `documents/${kind}/${id}`, method: 'PUT', body: rest }),
      // the library is long: the one bread in it that was saved is put in its place, nothing is fetched again
      onQueryStarted: async ({ kind, id }, { dispatch, queryFulfilled }) => {
        if (kind !== 'bread') return;
        const saved = await queryFulfilled.then(({ data }) => data as StoredBread).catch(() => undefined);
        if (!saved) return;
        dispatch(api.util.updateQueryData('listBreads', null, (list) => list.map((b) => (b.id === id ? saved : b))));
      },
    }),
  }),
});

export const { useListClassesQuery, useGetClassQuery, useListBreadsQuery, useGetBreadQuery } = api;
export const { useCreateBreadMutation, useRemoveBreadMutation, useSaveDocumentMutation } = api;
