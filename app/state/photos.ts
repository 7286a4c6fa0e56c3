import type { Photo } from '@elixa/contract';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { inTime, localStore } from './localStore';

/** A picture in base64, as it is sent. */
export type PhotoBytes = Extract<Photo, { jpeg: string }>;

/** What this device did with the picture of an evening. */
export interface PhotoHere {
  changedAt: string;
  /** It was taken away. */
  gone?: true;
  /** The server does not have it yet. */
  unsent?: true;
  /** The server would not take it; it is not sent again before the next visit. */
  refused?: true;
}

/** By evening. The bytes lie beside it: a store is gone through with every tap, and a device reads them when they are shown. */
export type PhotosState = Record<string, PhotoHere>;

const later = (one: PhotoHere | undefined, other: PhotoHere) =>
  one && Date.parse(one.changedAt) > Date.parse(other.changedAt) ? one : other;

const photos = createSlice({
  name: 'photos',
  initialState: {} as PhotosState,
  reducers: {
    photoKept(state, { payload: { id, ...photo } }: PayloadAction<{ id: string; changedAt: string; gone?: true }>) {
      state[id] = { ...photo, unsent: true };
    },
    /** What an earlier visit left here. */
    photosFound(state, { payload }: PayloadAction<PhotosState>) {
      for (const [id, photo] of Object.entries(payload)) state[id] = later(state[id], photo);
    },
    photoSent(state, { payload: { id, changedAt } }: PayloadAction<{ id: string; changedAt: string }>) {
      if (state[id]?.changedAt === changedAt) delete state[id].unsent;
    },
    photoRefused(state, { payload: id }: PayloadAction<string>) {
      if (state[id]) state[id].refused = true;
    },
    /** There is nothing of it to send: its bytes were not kept. */
    photoLost(state, { payload: id }: PayloadAction<string>) {
      delete state[id];
    },
  },
});

export const { photoKept, photosFound, photoSent, photoRefused, photoLost } = photos.actions;
export const photosReducer = photos.reducer;

/** What outlasts the page: what the server does not have. */
export const unsentPhotos = (state: PhotosState): PhotosState =>
  Object.fromEntries(
    Object.entries(state).flatMap(([id, { refused: _refused, ...photo }]) => (photo.unsent ? [[id, photo]] : [])),
  );

const KEY = 'photo:';
const inMemory = new Map<string, PhotoBytes>();

/** The bytes of what was put there on this device: for this visit, and on the device until the server has them. */
export const photoBytes = {
  keep(id: string, bytes: PhotoBytes): Promise<void> {
    inMemory.set(id, bytes);
    return localStore.write(KEY + id, bytes);
  },
  async read(id: string): Promise<PhotoBytes | undefined> {
    const bytes = inMemory.get(id) ?? (await inTime(localStore.read<PhotoBytes>(KEY + id), undefined));
    if (bytes) inMemory.set(id, bytes);
    return bytes;
  },
  /** The server has it: the device need not keep it any longer. One that was put there since stays. */
  sent: async (id: string, changedAt: string): Promise<void> => {
    if (inMemory.get(id)?.changedAt === changedAt) await localStore.remove(KEY + id);
  },
  drop(id: string): Promise<void> {
    inMemory.delete(id);
    return localStore.remove(KEY + id);
  },
};
