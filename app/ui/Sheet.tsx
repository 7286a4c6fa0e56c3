import { X } from '@/ui/icons';
import type { ReactNode } from 'react';
import { Modal, Pressable, ScrollView, View } from 'react-native';
import { IconButton } from './Button';
import { Heading } from './Text';

interface Props {
  title: string;
  open: boolean;
  onClose(): void;
  children: ReactNode;
  footer?: ReactNode;
}

/** The focus begins at the title, unless a field of the sheet has asked for it: never at a button that does something. */
function takeFocus(title: View | null): void {
  if (!title || typeof document === 'undefined') return;
  const element = title as unknown as HTMLElement;
  if (!element.closest('[aria-modal]')?.contains(document.activeElement)) element.focus();
}

/** Something that is settled before going on; it rises from the bottom of a phone and stands in the middle of a wide screen. */
export function Sheet({ title, open, onClose, children, footer }: Props) {
  return (
    <Modal visible={open} transparent animationType="fade" onRequestClose={onClose} aria-label={title}>
      <View className="flex-1 justify-end sm:items-center sm:justify-center sm:p-8">
        <Pressable aria-hidden tabIndex={-1} onPress={onClose} className="absolute inset-0 bg-black/50" />
        <View className="max-h-[92%] w-full rounded-t-3xl bg-washi sm:max-w-xl sm:rounded-3xl">
          <View className="flex-row items-center justify-between border-b border-line py-2 pl-5 pr-2">
            <View ref={takeFocus} tabIndex={-1} className="min-w-0 shrink">
              <Heading level={2}>{title}</Heading>
            </View>
            <IconButton label="Close" onPress={onClose} icon={<X size={24} color="rgb(var(--ink))" />} />
          </View>
          <ScrollView contentContainerClassName="gap-5 p-5">{children}</ScrollView>
          {footer ? <View className="gap-2 border-t border-line p-4">{footer}</View> : null}
        </View>
      </View>
    </Modal>
  );
}
