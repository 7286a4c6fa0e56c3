import { Redirect, useLocalSearchParams } from 'expo-router';

export default function EveningIndex() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={`/evening/${id}/who`} />;
}
