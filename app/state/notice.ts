import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A line at the foot of the screen, with at most one thing that can be taken back. */
export interface Notice {
  says: string;
  undoDelete?: string;
}

const notice = createSlice({
  name: 'notice',
  initialState: { shown: undefined as Notice | undefined },
  reducers: {
    noticeShown(state, { payload }: PayloadAction<Notice>) {
      state.shown = payload;
    },
    noticeClosed(state) {
      state.shown = undefined;
    },
  },
});

export const { noticeShown, noticeClosed } = notice.actions;
export const noticeReducer = notice.reducer;
