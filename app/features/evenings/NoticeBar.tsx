import { useEffect } from 'react';
import { View } from 'react-native';
import { useRestoreEveningMutation } from '@/state/api';
import { useAppDispatch, useAppSelector } from '@/state';
import { noticeClosed } from '@/state/notice';
import { Button } from '@/ui/Button';
import { Body } from '@/ui/Text';

const SHOWN_MS = 12_000;

/** What just happened, and for a while the way back. */
export function NoticeBar() {
  const shown = useAppSelector((state) => state.notice.shown);
  const dispatch = useAppDispatch();
  const [restore] = useRestoreEveningMutation();
  useEffect(() => {
    if (!shown) return undefined;
    const timer = setTimeout(() => dispatch(noticeClosed()), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [shown, dispatch]);
  return (
    <View
      aria-live="polite"
      className="absolute inset-x-0 bottom-0 items-center px-4"
      style={{ pointerEvents: 'box-none' }}
    >
      {shown ? (
        <View className="mb-4 w-full max-w-xl flex-row items-center gap-3 rounded-2xl bg-ink px-5 py-2">
          <Body className="flex-1 text-washi">{shown.says}</Body>
          {shown.undoDelete ? (
            <Button
              label="Undo"
              look="quiet"
              wordsClassName="text-washi underline"
              onPress={() => {
                const id = shown.undoDelete as string;
                dispatch(noticeClosed());
                void restore(id);
              }}
            />
          ) : (
            <Button label="Close" look="quiet" wordsClassName="text-washi" onPress={() => dispatch(noticeClosed())} />
          )}
        </View>
      ) : null}
    </View>
  );
}
