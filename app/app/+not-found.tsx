import { router } from 'expo-router';
import { Button } from '@/ui/Button';
import { Instead } from '@/ui/Page';

export default function NotFound() {
  return (
    <Instead title="There is nothing here" says="The address leads to no evening and no page.">
      <Button look="main" label="All evenings" onPress={() => router.replace('/')} />
    </Instead>
  );
}
