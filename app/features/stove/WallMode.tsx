import type { ReactNode } from 'react';
import { Modal, ScrollView, View } from 'react-native';
import { IconButton } from '@/ui/Button';
import { X } from '@/ui/icons';
import { OnWall } from './BigAction';

interface Props {
  children: ReactNode;
  onClose(): void;
}

/** The one thing to do over the whole screen, to be read across the kitchen. */
export function WallMode({ children, onClose }: Props) {
  return (
    <Modal visible animationType="none" onRequestClose={onClose} aria-label="Across the kitchen">
      <View className="flex-1 bg-washi">
        <ScrollView contentContainerClassName="flex-grow justify-center gap-6 p-6 pt-16">
          <OnWall.Provider value>{children}</OnWall.Provider>
        </ScrollView>
        <View className="absolute right-3 top-3">
          <IconButton label="Back to the page" icon={<X size={32} color="rgb(var(--ink))" />} onPress={onClose} />
        </View>
      </View>
    </Modal>
  );
}
