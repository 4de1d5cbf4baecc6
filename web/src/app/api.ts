import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import type { Workshop } from '@hodsman/core';

export interface DocumentSummary {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
}
export interface ClassDocument extends DocumentSummary {
  readonly body: unknown;
}

/** The server, as RTK Query endpoints; the one way in which this application fetches. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api' }),
  endpoints: (build) => ({
    listClasses: build.query<readonly DocumentSummary[], null>({ query: () => 'documents/class' }),
    // what a class was when this page last saved it is the draft's business, so nothing of it is cached
    getClass: build.query<ClassDocument, string>({ query: (id) => `documents/class/${id}`, keepUnusedDataFor: 0 }),
    saveClass: build.mutation<
      ClassDocument,
      { readonly id: string; readonly version: number; readonly body: Workshop }
    >({
      query: ({ id, ...rest }) => ({ url: `documents/class/${id}`, method: 'PUT', body: rest }),
    }),
  }),
});

export const { useListClassesQuery, useGetClassQuery } = api;
