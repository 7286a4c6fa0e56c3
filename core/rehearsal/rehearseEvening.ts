import type { Act, Fact, Plans, PotPlan } from '@elixa/contract';
import { boilAwaited } from '../live/boilAwaited';
import { factsOf, notYetOf } from '../live/facts';
import { besideFact, withExtras } from '../live/beside';
import type { LiveState } from '../live/foldLive';
import { liveSteps, type LiveStep } from '../live/liveSteps';
import { liveView, type LiveView, type NextStep } from '../live/liveView';
import { lookAgain, QUIET_S, type Look } from '../live/lookAgain';
import { movedWords, whatMoved } from '../live/whatMoved';
import { atOnce, type Steps } from '../steps/steps';
import type { RehearsedPot } from '../planEvening/rehearsed';
import { TASTED_S } from '../simmer/problems';
import { actsByPot } from './byHand';
import { BARE_ML, DOES_IN_S, SEES_BOIL_S, TOPS_UP_ML, type Seen } from './cook';
import { drawsOf, type Draws } from './draws';
import { ASLEEP_S, FOUND_AFTER_S, GUESTS_LATE_S, OFF_FIRE_S, type Mishap } from './mishaps';
import { Phone } from './phone';
import type { EveningRehearsed, EveningToldAgain } from './rehearsed';
import { TrueStove } from './trueStove';

/** The stove is looked at so often, in s. */
const TICK_S = 20;
/** Nobody waits longer for a boil than this, in s. */
const WAITS_S = 40 * 60;
/** An evening ends after so long at the latest, in s. */
const EVENING_S = 5 * 3600;

/** One evening at the stove: the pot as it really is, the phone that is tapped, and a cook between them. */
class Going {
  private readonly draws: Draws;
  private readonly mishaps: ReadonlySet<Mishap>;
  private readonly stove: TrueStove;
  private readonly phone: Phone;
  private readonly unsafe = new Set<string>();
  private readonly left = new Set<string>();
  private readonly happened = new Set<string>();
  private readonly out: EveningRehearsed;
  private readonly looks: EveningToldAgain['looks'] = [];
  private readonly seenAt = new Map<string, Seen>();
  /** The lid that lies beside the pot though it was said to be on. */
  private lidLies: Act[] = [];
  private nowS = 0;
  private look: Look | undefined;
  private lookAtS = Infinity;
  private toldAtS = -Infinity;
  private toppedAtS = -Infinity;
  private asleepUntilS = -Infinity;

  constructor(
    private readonly pot: RehearsedPot,
    seed: number,
    mishaps: readonly Mishap[],
    private readonly rounds: number,
  ) {
    this.phone = new Phone(Date.parse(pot.plan.simmer.litAt));
    this.draws = drawsOf(seed);
    this.mishaps = new Set(mishaps);
    this.stove = new TrueStove(pot, this.draws, this.mishaps);
    this.out = {
      seed,
      mishaps: [...mishaps],
      course: [],
      estimates: [],
      said: [],
      score: { unsafeCalledReady: [], outOfWindow: [], lifted: 0, lateS: 0, hurried: 0 },
    };
  }

  private steps(plan: PotPlan): LiveStep[] {
    return liveSteps(this.pot.menu.catalogue, plan.simmer);
  }

  private viewNow(): { view: LiveView; plan: PotPlan; planId: string; state: LiveState } {
    const { state } = this.phone;
    const { plan, planId } = state.started!;
    const view = liveView(plan, this.steps(plan), state, this.phone.startsMs + this.nowS * 1000, this.look);
    return { view, plan, planId, state };
  }

  /** Time goes on, and what the phone shows meanwhile is held against what is true. */
  private *waitUntil(atS: number): Steps<void> {
    while (this.nowS < atS - 1e-6) {
      const toS = Math.min(atS, this.nowS + TICK_S, this.lookAtS > this.nowS ? this.lookAtS : Infinity);
      this.stove.waitUntil(toS);
      this.nowS = toS;
      const tempC = this.stove.tempC('main');
      if (tempC !== undefined) this.out.course.push({ atS: toS, tempC });
      this.compare();
      if (toS >= this.lookAtS) yield* this.lookNow();
    }
  }

  private compare(): void {
    for (const { piece, state } of this.viewNow().view.inPot) {
      if (state === 'cooking' || piece.safeS <= 0) continue;
      if (this.stove.stands(piece.id)?.isSafe === false) this.unsafe.add(piece.id);
    }
  }

  /** The phone looks at what it knows, and tells what moves. */
  private *lookNow(): Steps<void> {
    this.lookAtS = Infinity;
    const { state } = this.phone;
    const look = yield* lookAgain(state, this.pot, this.nowS);
    if (!look) return;
    this.look = look;
    const { again: _again, sooner: _sooner, ...seen } = look;
    this.looks.push(seen);
    this.note(look);
    const { started } = state;
    if (look.again && started) {
      const { simmer, program } = look.again;
      this.phone.adopt(started.evening, { ...started.plan, simmer, program }, this.nowS, state);
      const moved = whatMoved(this.pot.menu.catalogue, this.phone.state);
      if (moved) {
        const text = movedWords(
          moved,
          (atS) => `${Math.floor(atS / 60)}:${String(Math.round(atS) % 60).padStart(2, '0')}`,
        );
        this.out.said.push({ atS: this.nowS, text });
        if (this.nowS - this.toldAtS < QUIET_S - 1) this.out.score.hurried += 1;
        this.toldAtS = this.nowS;
      }
    } else if (started && started.earlier.length > 0 && this.nowS < started.sinceS + QUIET_S) {
      this.lookAtS = started.sinceS + QUIET_S + 1;
    }
  }

  private note(look: Look): void {
    const truthC = this.stove.tempC('main');
    if (!look.liquid || truthC === undefined) return;
    const main = look.boils.find(({ lineId }) => this.isMain(lineId));
    const trueBoilsAtS = main && this.stove.boilsNextS('main', WAITS_S);
    this.out.estimates.push({
      atS: this.nowS,
      tempC: look.liquid.tempC,
      sd: look.liquid.sdC,
      truthC,
      ...(main ? { boilsAtS: main.atS } : {}),
      ...(trueBoilsAtS === undefined ? {} : { trueBoilsAtS }),
    });
  }

  private isMain(lineId: string): boolean {
    return this.phone.state.started!.plan.simmer.actions.some(({ id, pan }) => id === lineId && pan === 'main');
  }

  /** Whether a mishap that happens once happens now. */
  private once(mishap: Mishap): boolean {
    if (!this.mishaps.has(mishap) || this.happened.has(mishap)) return false;
    this.happened.add(mishap);
    return true;
  }

  /** What the cook says was done and what really is, where they differ. */
  private really(acts: readonly Act[]): Act[] {
    // A lid that was forgotten is found when something next goes in.
    const isForgotten = acts.some(({ is }) => is === 'light') && this.once('forgottenLid');
    if (!isForgotten) return [...acts];
    this.lidLies = acts.filter(({ is }) => is === 'lid');
    return acts.filter(({ is }) => is !== 'lid');
  }

  /** Who is asked whether the lid is on looks, and puts it on. */
  private findLid(next: NextStep): void {
    const { state } = this.phone;
    const awaited = boilAwaited(state, this.look, next.actions[0]!.id, this.nowS);
    if (this.lidLies.length === 0 || !awaited || awaited.tries.length === 0) return;
    this.stove.do(next.pan, this.lidLies);
    this.lidLies = [];
  }

  /** A thing turns out to be frozen in the middle, and that is told. */
  private frozen(facts: readonly Fact[]): Fact[] {
    const raw = this.pot.plan.simmer.pieces.find(
      ({ safeS, way }) => safeS > 0 && way !== 'swished' && way !== 'seared',
    );
    if (!this.mishaps.has('frozen')) return [...facts];
    return facts.map((one) =>
      one.act?.is === 'added' && one.act.pieceId === raw?.id ? { ...one, act: { ...one.act, frozen: true } } : one,
    );
  }

  private *tap(facts: readonly Fact[]): Steps<void> {
    this.judge(facts);
    for (const [pan, acts] of actsByPot(facts)) this.stove.do(pan, this.really(acts));
    this.phone.record({ type: 'happened', facts: [...facts] }, this.nowS);
    yield* this.lookNow();
  }

  /** What comes out, as it really is. */
  private judge(facts: readonly Fact[]): void {
    const { score } = this.out;
    for (const { act } of facts) {
      if (act?.is !== 'liftedOut') continue;
      for (const id of act.pieceIds) {
        const truth = this.stove.stands(id);
        if (!truth || this.left.has(id)) continue;
        this.left.add(id);
        score.lifted += 1;
        if (!truth.isSafe) this.unsafe.add(id);
        if (truth.lacksS > TASTED_S || truth.pastS > TASTED_S) score.outOfWindow.push(id);
      }
    }
  }

  private *boil(next: NextStep, facts: readonly Fact[], notYet: readonly Fact[]): Steps<void> {
    const { id } = next.actions[0]!;
    const fromS = this.nowS;
    // Who is asked whether it boils may say that it does not.
    const says = notYet.length > 0 && this.draws.even(`says not yet ${id}`, 0, 1) < 0.5;
    const asksAtS = says ? fromS + Math.max(0, next.dueInS) + SEES_BOIL_S.most : Infinity;
    let hasSaid = false;
    while (this.stove.boilsFromS(next.pan) === undefined && this.nowS < fromS + WAITS_S) {
      yield* this.waitUntil(this.nowS + TICK_S);
      this.findLid(next);
      if (hasSaid || this.nowS < asksAtS || this.stove.boilsFromS(next.pan) !== undefined) continue;
      hasSaid = true;
      this.phone.record({ type: 'happened', facts: [...notYet] }, this.nowS);
      yield* this.lookNow();
    }
    const boilS = this.stove.boilsFromS(next.pan) ?? this.nowS;
    const seenS = boilS + this.draws.even(`sees ${id}`, SEES_BOIL_S.least, SEES_BOIL_S.most);
    yield* this.waitUntil(Math.max(this.nowS, seenS));
    yield* this.tap(facts);
  }

  private *mishapsAfter(next: NextStep): Steps<void> {
    if (next.kind !== 'boil') return;
    if (this.once('phoneAsleep')) this.asleepUntilS = this.nowS + ASLEEP_S;
    if (this.once('boilOver')) {
      const potId = next.pan;
      yield* this.waitUntil(this.nowS + TICK_S);
      yield* this.tap([
        { potId, act: { is: 'heat', share: 0 } },
        { potId, act: { is: 'lid', lid: 'off' } },
      ]);
      yield* this.waitUntil(this.nowS + OFF_FIRE_S);
      yield* this.tap([{ potId, act: { is: 'heat', share: 1, holds: 'boil' } }]);
    }
  }

  /** How a cook goes about what is next: settled when it is first seen. */
  private seen(next: NextStep): Seen {
    const { id } = next.actions[0]!;
    const known = this.seenAt.get(id);
    if (known) return known;
    const isEarly = next.kind === 'add' && next.dueInS > FOUND_AFTER_S / 2 && this.once('early');
    const seen = {
      fromS: this.nowS,
      takesS: this.draws.even(`does ${id}`, DOES_IN_S.least, DOES_IN_S.most),
      isEarly,
      lateS: next.kind === 'serve' && this.once('lateGuests') ? GUESTS_LATE_S : 0,
    };
    this.seenAt.set(id, seen);
    return seen;
  }

  /** When what is next is done. */
  private dueAtS(next: NextStep): number {
    const { fromS, takesS, isEarly, lateS } = this.seen(next);
    const askedS = isEarly ? fromS : Math.max(fromS, this.nowS + next.dueInS);
    return Math.max(this.nowS, askedS + takesS + lateS, this.asleepUntilS);
  }

  /** Of what goes in together one thing is left on the counter, and found later. */
  private leftBehind(next: NextStep, facts: readonly Fact[]): [Fact[], Fact[]] {
    const added = facts.filter(({ act }) => act?.is === 'added');
    if (next.kind !== 'add' || added.length < 2 || !this.once('forgotten')) return [[...facts], []];
    const last = added.at(-1)!;
    return [facts.filter((one) => one !== last), [last]];
  }

  /** What would be past its best is lifted out when that is asked for. */
  private *rescue({ rescue }: LiveView, plan: PotPlan): Steps<boolean> {
    if (!rescue || this.nowS < this.asleepUntilS) return false;
    const { pan: potId, round, pieceIds } = rescue;
    const id = pieceIds.join(' ');
    yield* this.waitUntil(this.nowS + this.draws.even(`does ${id}`, DOES_IN_S.least, DOES_IN_S.most));
    yield* this.tap([besideFact(plan, { potId, round, id }, { is: 'liftedOut', pieceIds })]);
    return true;
  }

  /** Who sees the bottom of the pot pours, and says so. */
  private *topUp({ poured, round }: LiveView, plan: PotPlan): Steps<boolean> {
    const { nowS } = this;
    // A sauce that is ladled in stands low on purpose.
    const isLow = this.pot.menu.pour.kind !== 'ladles' && (this.stove.liquidMl('main') ?? Infinity) < BARE_ML;
    if (!poured || !isLow || nowS < this.asleepUntilS || nowS < this.toppedAtS + TICK_S) return false;
    this.toppedAtS = nowS;
    const at = { potId: 'main', round, id: `top up ${nowS}` };
    yield* this.tap([besideFact(plan, at, { is: 'poured', liquid: 'water', ml: TOPS_UP_ML, isHot: true })]);
    return true;
  }

  private *step(): Steps<boolean> {
    const { view, plan, planId, state } = this.viewNow();
    const { next } = view;
    if (!next || this.nowS > EVENING_S || next.round > this.rounds) return false;
    if ((yield* this.rescue(view, plan)) || (yield* this.topUp(view, plan))) return true;
    const facts = this.frozen(withExtras(factsOf(next, plan, planId), state));
    if (next.kind === 'boil') {
      yield* this.boil(next, facts, notYetOf(next, plan, planId));
    } else {
      const dueS = this.dueAtS(next);
      // What moves or is asked for meanwhile is done then.
      const untilS = Math.min(dueS, this.lookAtS, this.nowS + TICK_S);
      yield* this.waitUntil(untilS);
      if (untilS < dueS) return true;
      const { gate } = this.viewNow().view;
      if (gate) {
        yield* this.waitUntil(this.nowS + Math.max(TICK_S, gate.waitS));
        return true;
      }
      const [now, later] = this.leftBehind(next, facts);
      yield* this.tap(now);
      if (later.length > 0) {
        yield* this.waitUntil(this.nowS + FOUND_AFTER_S);
        yield* this.tap(later);
      }
      if (next.kind === 'serve' && this.out.score.lateS === 0 && next.round === 1) {
        this.out.score.lateS = this.nowS - this.pot.plan.simmer.readyAtS[0]!;
      }
    }
    yield* this.mishapsAfter(next);
    return true;
  }

  *through(): Steps<EveningToldAgain> {
    const { plan, menu } = this.pot;
    const planId = this.phone.adopt(menu.evening, plan, 0);
    const [first] = this.steps(plan);
    yield* this.tap(factsOf(first!, plan, planId));
    while (yield* this.step());
    this.out.score.unsafeCalledReady = [...this.unsafe];
    const { events, plans } = this.phone;
    return {
      ...this.out,
      log: { events, plans: plans as Plans },
      looks: this.looks,
      startsMs: this.phone.startsMs,
      endsAtS: this.nowS,
    };
  }
}

/**
 * An evening gone through on a simulated stove, whose figures nobody knows: the phone is told what a cook tells it, looks
 * at the pot, plans again, and is followed.
 * @param seed draws the kitchen and the cook
 * @param rounds so many of them are cooked; all of them where nothing is said
 */
export const rehearseInSteps = (
  pot: RehearsedPot,
  seed: number,
  mishaps: readonly Mishap[] = [],
  rounds = Infinity,
): Steps<EveningToldAgain> => new Going(pot, seed, mishaps, rounds).through();

/** The same at once. */
export const rehearseEvening = (
  pot: RehearsedPot,
  seed: number,
  mishaps?: readonly Mishap[],
  rounds?: number,
): EveningToldAgain => atOnce(rehearseInSteps(pot, seed, mishaps, rounds));
