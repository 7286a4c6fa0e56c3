import { View } from 'react-native';
import { useAppSelector } from '@/state';
import { Body, Small } from '@/ui/Text';

/** Browsers keep pages offline, and a screen awake, only on the device's own address or over https. */
export const isPlainOrigin = () => typeof window !== 'undefined' && window.isSecureContext === false;

/** What this browser does not do here, and the way to have it all the same. */
export function WhatIsNotKept() {
  const keeps = useAppSelector((state) => state.connection.keeps);
  return (
    <>
      {keeps ? null : (
        <View role="status" className="rounded-2xl bg-well px-5 py-4">
          <Body className="font-semibold">This browser keeps nothing</Body>
          <Small>
            Its store is blocked or full. Everything works as long as the server answers; free some room, or allow this
            page to store data, to cook without it.
          </Small>
        </View>
      )}
      {isPlainOrigin() ? (
        <View role="note" className="rounded-2xl bg-well px-5 py-4">
          <Body className="font-semibold">Opened from another device</Body>
          <Small>
            Everything works, but over plain http this browser keeps no pages for when the server is away, and lets the
            screen go dark at the stove. Set the screen to stay on, or open Elixa over https, or on the machine itself.
          </Small>
        </View>
      ) : null}
    </>
  );
}
