import { router } from 'expo-router';
import type { ComponentType } from 'react';
import { inKitchen, knockAgain, type Kitchen } from '@/kitchenDoor';
import { Boundary } from '@/ui/Boundary';

/** A whole page of the kitchen. While that cannot be loaded, the address stays and the page is there at the next try. */
export function kitchenPage(pick: (kitchen: Kitchen) => ComponentType) {
  const Part = inKitchen(pick);
  return function KitchenPage() {
    return (
      <Boundary onBack={() => router.replace('/')} onAgain={knockAgain}>
        <Part />
      </Boundary>
    );
  };
}
