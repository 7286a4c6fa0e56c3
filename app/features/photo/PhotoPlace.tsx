import type { Evening } from '@elixa/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch, useAppSelector } from '@/state';
import { api } from '@/state/api';
import { nowMs } from '@/state/clock';
import { photoBytes, photoKept } from '@/state/photos';
import { Button, IconButton } from '@/ui/Button';
import { Camera, ImagePlus, Trash2 } from '@/ui/icons';
import { Body, Small } from '@/ui/Text';
import { useFile } from '@/ui/useFileChoice';
import { NotAPicture, sizedDown } from './sizedDown';
import { putAt, useBroken, useShownPhoto } from './shownPhoto';

/** A device that is held in a hand has a camera of its own to open. */
const hasCamera = () => globalThis.matchMedia?.('(pointer: coarse)').matches ?? false;

const UNREADABLE = 'This picture cannot be opened here. Choose a JPEG or a PNG, or take it with the camera.';

/** The picture of an evening's pot: taken, chosen, looked at, taken again or taken away. */
export function PhotoPlace({ evening: { id, title } }: { evening: Evening }) {
  const dispatch = useAppDispatch();
  const { data } = api.useReadPhotoMarkQuery(id, { refetchOnMountOrArgChange: true });
  const photoAt = data?.photoAt;
  const hereAt = useAppSelector((state) => state.photos[id]?.changedAt);
  const src = useShownPhoto(id, photoAt, 'full');
  const [told, setTold] = useState<string>();
  const [asking, setAsking] = useState(false);
  const { isBroken, onError } = useBroken(src);

  const put = (changedAt: string, gone?: true) => {
    dispatch(photoKept({ id, changedAt, ...(gone ? { gone } : {}) }));
    setAsking(false);
  };
  const keep = async (chosen: File) => {
    setTold('Sizing it down…');
    try {
      const changedAt = putAt(nowMs(), photoAt, hereAt);
      await photoBytes.keep(id, { changedAt, ...(await sizedDown(chosen)) });
      put(changedAt);
      setTold(undefined);
    } catch (error) {
      if (!(error instanceof NotAPicture)) throw error;
      setTold(UNREADABLE);
    }
  };
  const camera = useFile('Picture from the camera', 'image/*', keep, true);
  const file = useFile('Picture from a file', 'image/*', keep);
  const takeAway = () => {
    put(putAt(nowMs(), photoAt, hereAt), true);
    void photoBytes.drop(id);
  };
  const there = src !== undefined;
  const isHeld = hasCamera();
  const icon = (Icon: typeof Camera) => <Icon size={22} color="rgb(var(--ink))" />;

  return (
    <View className="gap-3">
      {src !== undefined && !isBroken ? (
        <img
          src={src}
          alt={`The pot of ${title}`}
          decoding="async"
          style={{ width: '100%', maxHeight: 460, objectFit: 'cover', borderRadius: 16, display: 'block' }}
          onError={onError}
        />
      ) : null}
      {isBroken ? <Small>The picture is with the server, which does not answer now.</Small> : null}
      {asking ? (
        <View className="gap-2" role="alert">
          <Body>Remove the picture for good?</Body>
          <View className="flex-row flex-wrap gap-2">
            <Button label="Remove it" onPress={takeAway} />
            <Button label="Keep it" onPress={() => setAsking(false)} />
          </View>
        </View>
      ) : (
        <View className="flex-row flex-wrap items-center gap-2">
          {isHeld ? (
            <Button label={there ? 'Retake' : 'Take a picture'} icon={icon(Camera)} onPress={camera.choose} />
          ) : null}
          <Button
            label={isHeld ? 'From a file' : there ? 'Choose another' : 'Choose a picture'}
            icon={icon(ImagePlus)}
            onPress={file.choose}
          />
          {there ? <IconButton label="Remove the picture" icon={icon(Trash2)} onPress={() => setAsking(true)} /> : null}
        </View>
      )}
      {camera.field}
      {file.field}
      {told ? <Small aria-live="polite">{told}</Small> : null}
    </View>
  );
}
