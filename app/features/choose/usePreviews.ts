import type { Evening } from '@elixa/contract';
import { STYLES, type PotPreview } from '@elixa/core';
import { useEffect, useState } from 'react';
import { previewInWorker } from '@/workers/planner';

/** Of an evening, what changes what its pots would come to. */
const asked = ({ diners, vessel, heatSource, place, kitchen, cooks, sitDownAt }: Evening) =>
  JSON.stringify([diners, vessel, heatSource, place, kitchen, cooks, sitDownAt]);

/** What each pot would come to tonight, one after another; those that are not known yet are missing. */
export function usePreviews(evening: Evening): ReadonlyMap<string, PotPreview> {
  const [found, setFound] = useState<{ of: string; previews: ReadonlyMap<string, PotPreview> }>();
  const [start] = useState(() => new Map<string, Evening>());
  const key = asked(evening);
  // The choice among the pots is made for the evening as it came to this page: another pot changes no other preview.
  if (!start.has(key)) start.set(key, evening);
  useEffect(() => {
    let current = true;
    const of = start.get(key);
    void (async () => {
      for (const { id } of STYLES) {
        if (!current || !of) return;
        const preview = await previewInWorker(of, id);
        if (!current) return;
        setFound((last) => ({
          of: key,
          previews: new Map([...(last?.of === key ? last.previews : []), [id, preview]]),
        }));
      }
    })();
    return () => {
      current = false;
    };
  }, [key, start]);
  return found?.of === key ? found.previews : new Map();
}
