import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from './Button';
import { ChevronLeft, Printer } from './icons';

/** A page that is made to be printed; the buttons over it stay on the screen. */
export function PaperPage({ onBack, children }: { onBack(): void; children: ReactNode }) {
  return (
    <ScrollView className="h-screen" contentContainerClassName="sheet mx-auto w-full max-w-3xl gap-5 p-6">
      <View className="no-print flex-row flex-wrap justify-between gap-2">
        <Button
          className="self-center"
          label="Back"
          icon={<ChevronLeft size={20} color="rgb(var(--ink))" />}
          onPress={onBack}
        />
        <Button
          look="main"
          label="Print"
          icon={<Printer size={20} color="rgb(var(--on-iron))" />}
          onPress={() => window.print()}
        />
      </View>
      {children}
    </ScrollView>
  );
}
