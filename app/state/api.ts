import type {
  AppendedAnswer,
  Bin,
  ChangeEvening,
  CreateEvening,
  EveningList,
  HousePots,
  LiveLog,
  Pantry,
  People,
  Photo,
  PhotoMark,
  StoredEvening,
} from '@elixa/contract';
import type { PotCard } from '@elixa/core';
import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { compareClocks, deviceMs } from './clock';
import { pageIsOld, serverAnswered, serverTroubled } from './connection';
import { isTrouble, kindOf } from './failures';
import { inTime, localStore } from './localStore';
import { areOlder } from './pages';

/** Problem documents are JSON too, under a media type of their own. */
const isJsonContentType = (headers: Headers) => /[/+]json\b/.test(headers.get('content-type') ?? '');

/** A picture takes longer on its way than a tap. */
const PHOTO_TIMEOUT_MS = 30_000;

const fetchFromServer = fetchBaseQuery({
  baseUrl: '/api',
  timeout: 8000,
  responseHandler: 'content-type',
  isJsonContentType,
});

const isRead = (args: string | FetchArgs) => typeof args === 'string' || (args.method ?? 'GET') === 'GET';
const urlOf = (args: string | FetchArgs) => (typeof args === 'string' ? args : args.url);

/** What was just stored is what a later reading finds, also while the server is silent. */
function keepAnswer(data: unknown): void {
  const { version, evening } = (data ?? {}) as Partial<StoredEvening>;
  if (typeof version === 'number' && evening) void localStore.write(`answer:/evenings/${evening.id}`, data);
}

/**
 * Reads from the server and keeps each answer on the device. While nothing gets through, the kept answer is given instead,
 * so that the screens stay full.
 */
const serverOrKept: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (args, apiContext, extra) => {
  const askedMs = deviceMs();
  const result = await fetchFromServer(args, apiContext, extra);
  const headers = result.meta?.response?.headers;
  compareClocks(headers?.get('date'), askedMs, deviceMs());
  if (areOlder(headers?.get('elixa-pages'))) apiContext.dispatch(pageIsOld());
  const key = `answer:${urlOf(args)}`;
  if (!result.error) {
    apiContext.dispatch(serverAnswered());
    // Nobody waits for the device: its store may be slow, or silent for good.
    if (isRead(args)) void localStore.write(key, result.data);
    else keepAnswer(result.data);
    return result;
  }
  const kind = kindOf(result.error);
  if (!isTrouble(kind)) {
    apiContext.dispatch(serverAnswered());
    return result;
  }
  apiContext.dispatch(serverTroubled(kind));
  if (!isRead(args)) return result;
  const kept = await inTime(localStore.read(key), undefined);
  return kept === undefined ? result : { data: kept };
};

/** What comes, and what has been. */
export type ListPart = 'ahead' | 'past';

export const api = createApi({
  reducerPath: 'api',
  baseQuery: serverOrKept,
  tagTypes: ['Evenings', 'Evening', 'Events', 'Photo'],
  endpoints: (build) => ({
    listEvenings: build.infiniteQuery<EveningList, ListPart, string | undefined>({
      infiniteQueryOptions: {
        initialPageParam: undefined,
        getNextPageParam: (page) => page.next,
      },
      query: ({ queryArg: part, pageParam: after }) => {
        const from = after === undefined ? '' : `&after=${encodeURIComponent(after)}`;
        return `/evenings?part=${part}${from}`;
      },
      providesTags: ['Evenings'],
    }),
    readCard: build.query<PotCard & { version: number }, { id: string; version: number }>({
      query: ({ id }) => `/evenings/${id}/card`,
    }),
    readLitAt: build.query<{ version: number; litAt: string }, { id: string; version: number }>({
      query: ({ id }) => `/evenings/${id}/lit-at`,
    }),
    readPeople: build.query<People, void>({ query: () => '/people', providesTags: ['Evenings'] }),
    readEvening: build.query<StoredEvening, string>({
      query: (id) => `/evenings/${id}`,
      providesTags: (_result, _error, id) => [{ type: 'Evening', id }],
    }),
    createEvening: build.mutation<StoredEvening, CreateEvening>({
      query: (body) => ({ url: '/evenings', method: 'POST', body }),
      invalidatesTags: ['Evenings'],
    }),
    changeEvening: build.mutation<StoredEvening, ChangeEvening>({
      query: (body) => ({ url: `/evenings/${body.evening.id}`, method: 'PUT', body }),
      invalidatesTags: ['Evenings'],
    }),
    removeEvening: build.mutation<void, string>({
      query: (id) => ({ url: `/evenings/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Evenings'],
    }),
    restoreEvening: build.mutation<StoredEvening, string>({
      query: (id) => ({ url: `/evenings/${id}/restore`, method: 'POST' }),
      invalidatesTags: ['Evenings'],
    }),
    readBin: build.query<Bin, void>({ query: () => '/bin', providesTags: ['Evenings'] }),
    readPantry: build.query<Pantry, void>({ query: () => '/pantry' }),
    countPantry: build.mutation<Pantry, Pantry>({
      query: (body) => ({ url: '/pantry', method: 'POST', body }),
    }),
    readPots: build.query<HousePots, void>({ query: () => '/pots' }),
    keepPots: build.mutation<HousePots, HousePots>({ query: (body) => ({ url: '/pots', method: 'POST', body }) }),
    readPhotoMark: build.query<PhotoMark, string>({
      query: (id) => `/evenings/${id}/photo`,
      providesTags: (_result, _error, id) => [{ type: 'Photo', id }],
    }),
    keepPhoto: build.mutation<PhotoMark, { id: string; photo: Photo }>({
      query: ({ id, photo }) => ({
        url: `/evenings/${id}/photo`,
        method: 'POST',
        body: photo,
        timeout: PHOTO_TIMEOUT_MS,
      }),
      invalidatesTags: (_result, _error, { id }) => ['Evenings', { type: 'Photo', id }],
    }),
    readEvents: build.query<LiveLog, string>({
      query: (id) => `/evenings/${id}/events`,
    }),
    appendEvents: build.mutation<AppendedAnswer, { eveningId: string } & LiveLog>({
      query: ({ eveningId, ...log }) => ({ url: `/evenings/${eveningId}/events`, method: 'POST', body: log }),
      invalidatesTags: ['Evenings'],
    }),
  }),
});

export const { useListEveningsInfiniteQuery, useReadBinQuery, useRemoveEveningMutation, useRestoreEveningMutation } =
  api;
