import type { FieldValues, UseFormReturn } from 'react-hook-form';

/**
 * Leaving a sheet with a form in it, by Escape, by its cross or by a tap beside it, loses nothing: what was changed is
 * taken as by its button. Where it cannot be taken, the sheet stays with the reason, and `stuck` asks for a way to drop it.
 */
export function useLeaving<Values extends FieldValues>(
  form: UseFormReturn<Values>,
  save: () => Promise<void>,
  onClose: () => void,
): { leave(): void; stuck: boolean } {
  const { isDirty, errors } = form.formState;
  return {
    leave: () => {
      if (isDirty) void save();
      else onClose();
    },
    stuck: isDirty && Object.keys(errors).length > 0,
  };
}
