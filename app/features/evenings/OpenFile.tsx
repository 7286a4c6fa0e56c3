import type { FieldError } from '@elixa/contract';
import { router } from 'expo-router';
import { kitchen } from '@/kitchenDoor';
import { FolderOpen } from '@/ui/icons';
import { useState } from 'react';
import { useAppDispatch } from '@/state';
import { newId } from '@/state/newId';
import { FaultsSheet } from '@/ui/FaultsSheet';
import { IconButton } from '@/ui/Button';
import { useFileChoice } from '@/ui/useFileChoice';
import { eveningMade } from '@/state/drafts';

/** Opens an evening from a file, as a new one. */
export function OpenFile() {
  const dispatch = useAppDispatch();
  const [errors, setErrors] = useState<FieldError[]>([]);
  const file = useFileChoice('Evening file', 'application/json,.json', async (text) => {
    const { readEveningFile } = await kitchen();
    const { evening, errors: found } = readEveningFile(text);
    if (!evening) {
      setErrors(found);
      return;
    }
    const id = newId();
    dispatch(eveningMade({ ...evening, id }));
    router.push(`/evening/${id}/who`);
  });
  return (
    <>
      <IconButton
        label="Open an evening from a file"
        onPress={file.choose}
        icon={<FolderOpen size={22} color="rgb(var(--ink))" />}
      />
      {file.field}
      <FaultsSheet title="This file cannot be opened" faults={errors} onClose={() => setErrors([])} />
    </>
  );
}
