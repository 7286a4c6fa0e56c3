import type {
  AppendedAnswer,
  ChangeEvening,
  CreateEvening,
  EveningList,
  LiveEvent,
  Pantry,
  Problem,
  StoredEvening,
} from '@elixa/contract';
import { storedEveningSchema } from '@elixa/contract';
import {
  createApi,
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import { compareClocks } from './clock';
import { serverAnswered, serverSilent } from './connection';
import { localStore } from './localStore';

/** Problem documents are JSON too, under a media type of their own. */
const isJsonContentType = (headers: Headers) => /[/+]json\b/.test(headers.get('content-type') ?? '');

const fetchFromServer = fetchBaseQuery({
  baseUrl: '/api',
  timeout: 8000,
  responseHandler: 'content-type',
  isJsonContentType,
});

const isRead = (args: string | FetchArgs) => typeof args === 'string' || (args.method ?? 'GET') === 'GET';
const urlOf = (args: string | FetchArgs) => (typeof args === 'string' ? args : args.url);

/** Answers of a server, or of something before it, that is only busy or ill for the moment. */
const isPassing = (status: number) => status === 408 || status === 425 || status === 429 || status >= 500;

const isSilence = ({ status }: FetchBaseQueryError) =>
  status === 'FETCH_ERROR' || status === 'TIMEOUT_ERROR' || (typeof status === 'number' && isPassing(status));

/** What was just stored is what a later reading finds, also while the server is silent. */
function keepAnswer(data: unknown): void {
  const stored = storedEveningSchema.safeParse(data);
  if (stored.success) void localStore.write(`answer:/evenings/${stored.data.evening.id}`, data);
}

/**
 * Reads from the server and keeps each answer on the device. While the server is silent, the kept answer is given
 * instead, so that the screens stay full.
 */
const serverOrKept: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (args, apiContext, extra) => {
  const askedMs = Date.now();
  const result = await fetchFromServer(args, apiContext, extra);
  compareClocks(result.meta?.response?.headers.get('date'), askedMs, Date.now());
  const key = `answer:${urlOf(args)}`;
  if (!result.error) {
    apiContext.dispatch(serverAnswered());
    // Nobody waits for the device: its store may be slow, or silent for good.
    if (isRead(args)) void localStore.write(key, result.data);
    else keepAnswer(result.data);
    return result;
  }
  if (!isSilence(result.error)) {
    apiContext.dispatch(serverAnswered());
    return result;
  }
  apiContext.dispatch(serverSilent());
  if (!isRead(args)) return result;
  const kept = await localStore.read(key);
  return kept === undefined ? result : { data: kept };
};

export const api = createApi({
  reducerPath: 'api',
  baseQuery: serverOrKept,
  tagTypes: ['Evenings', 'Evening', 'Events'],
  endpoints: (build) => ({
    listEvenings: build.query<EveningList, void>({
      query: () => '/evenings',
      providesTags: ['Evenings'],
    }),
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
    readPantry: build.query<Pantry, void>({ query: () => '/pantry' }),
    countPantry: build.mutation<Pantry, Pantry>({
      query: (body) => ({ url: '/pantry', method: 'POST', body }),
    }),
    readEvents: build.query<{ events: LiveEvent[] }, string>({
      query: (id) => `/evenings/${id}/events`,
    }),
    appendEvents: build.mutation<AppendedAnswer, { eveningId: string; events: LiveEvent[] }>({
      query: ({ eveningId, events }) => ({ url: `/evenings/${eveningId}/events`, method: 'POST', body: { events } }),
      invalidatesTags: ['Evenings'],
    }),
  }),
});

export const { useListEveningsQuery, useRemoveEveningMutation, useRestoreEveningMutation } = api;

/** The problem document of a failed request, when the server sent one. */
export function problemOf(error: unknown): Problem | undefined {
  const data = (error as FetchBaseQueryError | undefined)?.data;
  return data && typeof data === 'object' && 'title' in data ? (data as Problem) : undefined;
}

/** Whether a request failed because nobody answered, so that it is worth sending again. */
export const wasSilence = (error: unknown) => isSilence((error ?? {}) as FetchBaseQueryError);
