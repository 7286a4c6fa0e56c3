import type { FieldError } from '@elixa/contract';
import { router } from 'expo-router';
import { FolderOpen } from '@/ui/icons';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { useAppDispatch } from '@/store';
import { IconButton } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Body, Small } from '@/ui/Text';
import { eveningMade } from '../evening/draftsSlice';
import { readEveningFile } from './readEveningFile';

/** Opens an evening from a file, as a new one. */
export function OpenFile() {
  const input = useRef<HTMLInputElement>(null);
  const dispatch = useAppDispatch();
  const [errors, setErrors] = useState<FieldError[]>([]);
  const open = async (file: File | undefined) => {
    if (!file) return;
    const { evening, errors: found } = readEveningFile(await file.text());
    if (!evening) {
      setErrors(found);
      return;
    }
    const id = crypto.randomUUID();
    dispatch(eveningMade({ ...evening, id }));
    router.push(`/evening/${id}/who`);
  };
  return (
    <>
      <IconButton
        label="Open an evening from a file"
        onPress={() => input.current?.click()}
        icon={<FolderOpen size={22} color="rgb(var(--ink))" />}
      />
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Evening file"
        hidden
        onChange={(event) => {
          void open(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Sheet title="This file cannot be opened" open={errors.length > 0} onClose={() => setErrors([])}>
        {errors.slice(0, 12).map((error) => (
          <View key={error.field + error.message}>
            <Body className="font-semibold">{error.field}</Body>
            <Small>
              {error.message}. {error.fix}
            </Small>
          </View>
        ))}
      </Sheet>
    </>
  );
}
