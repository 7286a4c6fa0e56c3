import { useBroken, useShownPhoto } from './shownPhoto';

/** The pot of an evening in a list, where somebody took a picture of it. */
export function EveningThumb({ id, photoAt }: { id: string; photoAt?: string }) {
  const src = useShownPhoto(id, photoAt, 'small');
  const { isBroken, onError } = useBroken(src);
  if (src === undefined || isBroken) return null;
  return (
    <img
      src={src}
      // The title beside it says what it is.
      alt=""
      loading="lazy"
      decoding="async"
      width={64}
      height={64}
      style={{ width: 64, height: 64, borderRadius: 12, objectFit: 'cover', flexShrink: 0 }}
      onError={onError}
    />
  );
}
