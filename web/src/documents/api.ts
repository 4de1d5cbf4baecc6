import { newId } from '../ui/new-id.ts';
import { createApi, fetchBaseQuery, type FetchBaseQueryError } from '@reduxjs/toolkit/query/react';
import {
  documentTitle,
  type DocumentBodies,
  type DocumentKind,
  type DocumentSummaries,
  type LeftOpen,
  type RememberedPace,
} from '@hodsman/core';
import { useDispatch } from 'react-redux';
import type { DocumentName, SentFault } from './open-document.ts';

/** A document in a list: what is shown of it, without its body. */
export interface Listed<K extends DocumentKind = DocumentKind> {
  readonly id: string;
  readonly kind: K;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
  readonly removedAt: string | null;
  readonly isReadable: boolean;
  /** Null where the document cannot be read. */
  readonly summary: DocumentSummaries[K] | null;
}

/** Why a stored document cannot be read, with its text as it lies there. */
export interface Unreadable {
  readonly count: number;
  readonly faults: readonly SentFault[];
  readonly text: string;
}
/** A document as the server has read it: in today's form, or not to be read. */
export interface StoredDocument<K extends DocumentKind = DocumentKind> {
  readonly id: string;
  readonly kind: K;
  readonly version: number;
  readonly title: string;
  readonly updatedAt: string;
  readonly body: DocumentBodies[K] | null;
  readonly unreadable?: Unreadable;
}
export interface EarlierState {
  readonly version: number;
  readonly title: string;
  readonly savedAt: string;
  readonly savedBy: string | null;
}
/** The text of a booking feed, with its media type; a stand-in can be moved on. */
export interface FeedAnswer {
  readonly type: string;
  readonly text: string;
  readonly isStandIn: boolean;
}
/** Something that a recipe left open of a bread, with its place in the list that the server keeps. */
export type PlacedLeftOpen = LeftOpen & { readonly place: number };
export interface Save extends DocumentName {
  readonly version: number;
  readonly body: unknown;
  readonly saveId: string;
}
export interface ListWanted {
  readonly kind: DocumentKind;
  readonly isRemoved?: boolean;
}

/** No answer in so long is none. */
const PATIENCE_MS = 15_000;
const PAGE = 200;
/** A list is read to its end, but not for ever. */
const MOST_PAGES = 50;

const address = ({ kind, id }: DocumentName): string => `documents/${kind}/${id}`;
/** A name for one write, so that a repeated one is known as the same. */
export const newSaveId = (): string => newId();

/** The server, as RTK Query endpoints; the one way in which this application fetches. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: PATIENCE_MS }),
  tagTypes: ['class', 'bread', 'kitchen', 'pantry'],
  endpoints: (build) => ({
    listDocuments: build.query<readonly Listed[], ListWanted>({
      queryFn: async ({ kind, isRemoved = false }, _api, _extra, fetchWithBQ) => {
        const documents: Listed[] = [];
        let after = '';
        for (let page = 0; page < MOST_PAGES; page++) {
          const url = `documents/${kind}?limit=${PAGE}${isRemoved ? '&removed=true' : ''}${after}`;
          const answer = await fetchWithBQ(url);
          if (answer.error) return { error: answer.error };
          const { documents: more, next } = answer.data as { documents: Listed[]; next: string | null };
          documents.push(...more);
          if (next === null) break;
          after = `&after=${next}`;
        }
        return { data: documents };
      },
      providesTags: (_list, _error, { kind }) => [kind],
    }),
    // what a document was when this page last saved it is the draft's business, so nothing of it is cached
    getDocument: build.query<StoredDocument, DocumentName>({ query: address, keepUnusedDataFor: 0 }),
    /** Several documents whole; those that are gone or cannot be read are left out. */
    getBodies: build.query<readonly StoredDocument[], { readonly kind: DocumentKind; readonly ids: readonly string[] }>(
      {
        queryFn: async ({ kind, ids }, _api, _extra, fetchWithBQ) => {
          const answers = await Promise.all(ids.map(async (id) => fetchWithBQ(address({ kind, id }))));
          const failed = answers.find((a) => a.error && isAway(a.error))?.error;
          if (failed) return { error: failed };
          return {
            data: answers.flatMap((a) => (a.data ? [a.data as StoredDocument] : [])).filter((d) => d.body !== null),
          };
        },
        providesTags: (_bodies, _error, { kind, ids }) => ids.map((id) => ({ type: kind, id })),
        keepUnusedDataFor: 0,
      },
    ),
    createDocument: build.mutation<
      StoredDocument,
      { readonly kind: DocumentKind; readonly body: unknown; readonly saveId?: string }
    >({
      query: ({ kind, body, saveId = newSaveId() }) => ({
        url: `documents/${kind}`,
        method: 'POST',
        body,
        headers: { 'Idempotency-Key': saveId },
      }),
      invalidatesTags: (_made, _error, { kind }) => [kind],
    }),
    removeDocument: build.mutation<null, DocumentName & { readonly version: number }>({
      query: ({ version, ...name }) => ({ url: `${address(name)}?version=${version}`, method: 'DELETE' }),
      invalidatesTags: (_gone, _error, { kind }) => [kind],
    }),
    restoreDocument: build.mutation<StoredDocument, DocumentName>({
      query: (name) => ({ url: `${address(name)}/restore`, method: 'POST' }),
      invalidatesTags: (_back, _error, { kind }) => [kind],
    }),
    listVersions: build.query<readonly EarlierState[], DocumentName>({
      query: (name) => `${address(name)}/versions`,
      transformResponse: (answer: { readonly versions: readonly EarlierState[] }) => answer.versions,
      keepUnusedDataFor: 0,
    }),
    getVersion: build.query<EarlierState & { readonly body: unknown }, DocumentName & { readonly version: number }>({
      query: ({ version, ...name }) => `${address(name)}/versions/${version}`,
      keepUnusedDataFor: 60,
    }),
    /** What a recipe left open of a bread and nobody has looked at. */
    getLeftOpen: build.query<readonly PlacedLeftOpen[], string>({
      query: (breadId) => `breads/${breadId}/left-open`,
      transformResponse: (answer: { readonly matters: readonly PlacedLeftOpen[] }) => answer.matters,
      keepUnusedDataFor: 0,
    }),
    keepLeftOpen: build.mutation<null, { readonly breadId: string; readonly matters: readonly LeftOpen[] }>({
      query: ({ breadId, matters }) => ({ url: `breads/${breadId}/left-open`, method: 'PUT', body: matters }),
    }),
    /** Somebody has looked at it; it goes from the page at once, and comes back where the server does not hear of it. */
    lookAtLeftOpen: build.mutation<null, { readonly breadId: string; readonly place: number }>({
      query: ({ breadId, place }) => ({ url: `breads/${breadId}/left-open/${place}`, method: 'DELETE' }),
      onQueryStarted: async ({ breadId, place }, { dispatch, queryFulfilled }) => {
        const shown = dispatch(
          api.util.updateQueryData('getLeftOpen', breadId, (list) => list.filter((m) => m.place !== place)),
        );
        await queryFulfilled.catch(() => shown.undo());
      },
    }),
    /** How the griddles of a class cooked when its kitchen was last used. */
    getPaces: build.query<readonly RememberedPace[], string>({
      query: (classId) => `classes/${classId}/paces`,
      transformResponse: (answer: { readonly paces: readonly RememberedPace[] }) => answer.paces,
    }),
    /** What the booking feed says of a day, as it came. */
    getBookings: build.query<FeedAnswer, string>({
      query: (date) => `bookings?date=${date}`,
      keepUnusedDataFor: 0,
    }),
    /** Moves the simulated feed on to its next news. */
    moveStandIn: build.mutation<null, null>({ query: () => ({ url: 'stand-in/bookings/later', method: 'POST' }) }),
    saveDocument: build.mutation<StoredDocument, Save>({
      query: ({ version, body, saveId, ...name }) => ({
        url: address(name),
        method: 'PUT',
        body: { version, body },
        headers: { 'Idempotency-Key': saveId },
      }),
      invalidatesTags: (_saved, _error, { kind, id }) => [{ type: kind, id }],
      // the one entry of the list that was saved is put in its place, the list is not fetched again
      onQueryStarted: async ({ kind, id }, { dispatch, queryFulfilled }) => {
        const saved = await queryFulfilled.then(({ data }) => data).catch(() => undefined);
        if (!saved?.body) return;
        const { version, updatedAt } = saved;
        const title = documentTitle(kind, saved.body);
        const { documentSummary } = await import('./summary.ts');
        const summary = documentSummary(kind, saved.body);
        dispatch(
          api.util.updateQueryData('listDocuments', { kind }, (list) =>
            list.map((d) => (d.id === id ? { ...d, version, updatedAt, title, summary } : d)),
          ),
        );
      },
    }),
  }),
});

/** Whether an answer says nothing of the document, only that the server was not reached or could not serve. */
export const isAway = (error: FetchBaseQueryError): boolean =>
  typeof error.status !== 'number' || error.status >= 500 || error.status === 429 || error.status === 408;

/** When a list that is shown is fetched again. */
interface ListOptions {
  readonly refetchOnMountOrArgChange?: boolean;
  readonly skip?: boolean;
}
const NOTHING_LEFT: readonly PlacedLeftOpen[] = [];
/** What a recipe left open of a bread and nobody has looked at; nothing where the server is away. */
export const useLeftOpen = (breadId: string): readonly PlacedLeftOpen[] =>
  api.useGetLeftOpenQuery(breadId, { skip: breadId === '' }).data ?? NOTHING_LEFT;
const NO_PACES: readonly RememberedPace[] = [];
/** How the griddles of a class cooked when its kitchen was last used; nothing where the server is away. */
export const useRememberedPaces = (classId: string): readonly RememberedPace[] =>
  api.useGetPacesQuery(classId).data ?? NO_PACES;
/** All documents of a kind, as lists show them. */
export const useDocumentList = <K extends DocumentKind>(
  kind: K,
  options?: ListOptions,
): { readonly data?: readonly Listed<K>[] | undefined; readonly isError: boolean } => {
  const query = api.useListDocumentsQuery({ kind }, options);
  return { data: query.data as readonly Listed<K>[] | undefined, isError: query.isError };
};
/** Some documents of a kind, whole. */
export const useBodies = <K extends DocumentKind>(
  kind: K,
  ids: readonly string[],
): readonly (StoredDocument<K> & { readonly body: DocumentBodies[K] })[] | undefined => {
  const query = api.useGetBodiesQuery({ kind, ids }, { refetchOnMountOrArgChange: true });
  return query.data as readonly (StoredDocument<K> & { readonly body: DocumentBodies[K] })[] | undefined;
};
/** Fetches one document whole when it is asked for; undefined where it is gone or the server is away. */
export const useFetchBody = (): (<K extends DocumentKind>(
  kind: K,
  id: string,
) => Promise<DocumentBodies[K] | undefined>) => {
  const dispatch = useDispatch();
  return async <K extends DocumentKind>(kind: K, id: string) => {
    const asked = api.endpoints.getDocument.initiate({ kind, id }, { subscribe: false, forceRefetch: true });
    const { data } = await (dispatch as unknown as (thunk: typeof asked) => ReturnType<typeof asked>)(asked);
    return (data?.body ?? undefined) as DocumentBodies[K] | undefined;
  };
};

export const { useGetDocumentQuery, useListDocumentsQuery, useListVersionsQuery, useGetVersionQuery } = api;
export const {
  useCreateDocumentMutation,
  useRemoveDocumentMutation,
  useRestoreDocumentMutation,
  useSaveDocumentMutation,
} = api;
export const { useKeepLeftOpenMutation, useLookAtLeftOpenMutation } = api;
export const { useLazyGetBookingsQuery, useMoveStandInMutation } = api;
