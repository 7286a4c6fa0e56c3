import type { Unsatisfied } from '@elixa/contract';
import { View } from 'react-native';
import { Body, Heading } from '@/ui/Text';
import { AdviceList } from './AdviceList';

/** What an evening cannot have as it was asked for, each with why and with what mends it. */
export const WhatDoesNot = ({ items }: { items: readonly Unsatisfied[] }) =>
  items.map((one) => (
    <View key={one.id} className="gap-2 rounded-2xl bg-well p-4">
      <Heading level={3}>{one.text}</Heading>
      <Body>{one.because}</Body>
      <AdviceList advice={one.remedies} />
    </View>
  ));
