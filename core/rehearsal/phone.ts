import {
  LIVE_EVENT_VERSION,
  type Evening,
  type LiveEvent,
  type LiveNews,
  type Plans,
  type PotPlan,
} from '@elixa/contract';
import { foldLive, type LiveState } from '../live/foldLive';
import { planHashOf } from '../live/planHash';

const PHONE = 'rehearsal-phone';

/** A log as one phone writes it, which never mixes with that of the evening. */
export class Phone {
  readonly events: LiveEvent[] = [];
  readonly plans: Record<string, PotPlan> = {};
  private count = 0;

  /** @param startsMs when the burner is lit, by the wall clock in ms */
  constructor(readonly startsMs: number) {}

  private nextId(): string {
    this.count += 1;
    return `00000000-0000-4000-8000-${String(this.count).padStart(12, '0')}`;
  }

  record(news: LiveNews, atS: number): string {
    const id = this.nextId();
    const at = new Date(this.startsMs + Math.round(atS * 1000)).toISOString();
    const base = { v: LIVE_EVENT_VERSION, id, at, device: PHONE, clock: this.count } as const;
    this.events.push({ ...news, ...base } as LiveEvent);
    return id;
  }

  adopt(evening: Evening, plan: PotPlan, atS: number, before?: LiveState): string {
    const planHash = planHashOf(plan);
    this.plans[planHash] = plan;
    const over = before?.started?.planId;
    const knows = before?.taps.map(({ eventId }) => eventId);
    return this.record({ type: 'planAdopted', evening, planHash, ...(over ? { over, knows } : {}) }, atS);
  }

  get state(): LiveState {
    return foldLive({ plans: this.plans as Plans, events: this.events });
  }
}
