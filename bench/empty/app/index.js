import { createElement } from 'react';
import { Pressable, Text, View } from 'react-native';

/** What every other application of this kind has before it has anything: a router, a heading and a button. */
export default function Empty() {
  return createElement(
    View,
    null,
    createElement(Text, { role: 'heading' }, 'Nothing'),
    createElement(Pressable, { role: 'button' }, createElement(Text, null, 'Begin')),
  );
}
