import { router, Slot, useGlobalSearchParams, usePathname } from 'expo-router';
import { ChevronLeft, ShoppingBasket } from '@/ui/icons';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { catalogueOf, changesSince, saucesOf } from '@elixa/core';
import { ChangedSince } from '@/features/live/ChangedSince';
import { OldPage } from '@/features/live/OldPage';
import { useFollowing } from '@/features/live/useFollowing';
import { useLiveLog } from '@/features/live/useLiveLog';
import { MomentProvider, type MomentShown } from '@/features/simmer/MomentContext';
import { useStocked } from '@/state/usePantry';
import { RunningTimers } from '@/features/timers/RunningTimers';
import { ThemeButton } from '@/features/settings/ThemeButton';
import { saveAsFile } from '@/features/evening/saveAsFile';
import { Boundary } from '@/ui/Boundary';
import { CatalogueProvider } from '@/ui/catalogue';
import { Button, IconButton } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { Instead } from '@/ui/Page';
import { PotFromAbove } from '@/ui/pot/PotFromAbove';
import { MAIN_ID, SkipLink } from '@/ui/SkipLink';
import { Heading, Small } from '@/ui/Text';
import { clock, dayShort } from '@/ui/time';
import { titleWhileOpening } from '@/ui/openingTitle';
import { useScreen } from '@/ui/useScreen';
import { useTurns } from '@/ui/useTurns';
import { EveningProvider } from '@/features/evening/EveningContext';
import { PotPanel } from './PotPanel';
import { SaveState } from './SaveState';
import { StageBar } from './StageBar';
import { stagesOf } from './stages';
import { useEveningDocument } from '@/features/evening/useEveningDocument';
import { UndoButtons } from './UndoButtons';
import { usePlanned, usePlanning } from '@/features/evening/usePlanning';

const pageName = (path: string) => (path.split('/').pop() ?? '').replace(/^./, (letter) => letter.toUpperCase());

/** What all pages of an evening share: its name, its stages, its plan and, where there is room, its pot. */
export function EveningShell() {
  // That of the address: a layout keeps its own from evening to evening.
  const { id } = useGlobalSearchParams<{ id: string }>();
  const { evening, draft, missing, edit, undo, redo } = useEveningDocument(id);
  useFollowing(id, draft !== undefined && draft.baseVersion > 0);
  const stocked = useStocked(evening);
  const { state: live } = useLiveLog(id);
  const own = evening?.own;
  const cookedWith = live.started?.evening.own;
  // What was cooked with under the name of before, too.
  const catalogue = useMemo(() => catalogueOf({ own: [...(own ?? []), ...(cookedWith ?? [])] }), [own, cookedWith]);
  const path = usePathname();
  const isOver = live.status !== 'waiting';
  // Once the burner is lit, nobody asks for the preparation but its own page.
  const prepAsked = !isOver || path.endsWith('/prep');
  const { prep: ticks, begun } = live.ticks;
  const soFar = useMemo(
    () => (prepAsked ? { ticks, begun, over: isOver } : undefined),
    [prepAsked, ticks, begun, isOver],
  );
  usePlanning(stocked, soFar);
  const planned = usePlanned(stocked);
  const { wide, vast, short } = useScreen();
  // These fill the whole width; the pot is then part of the page, or stands small under the stages.
  const atStove = path.endsWith('/stove') || path.endsWith('/rehearse');
  // There the pot is the page itself.
  const atBuild = path.endsWith('/build');
  const atBroth = path.endsWith('/broth') || path.endsWith('/prep') || path.endsWith('/shopping');
  const { plan } = planned;
  const [shown, show] = useState<MomentShown | undefined>(undefined);
  const moment = useMemo(() => ({ shown, show }), [shown]);
  const title = evening?.title;
  // Its name first, then its stages, then the page.
  const drawn = useTurns(2, evening !== undefined);
  useEffect(() => {
    document.title = title ? `${pageName(path)}, ${title} · Elixa` : 'Elixa';
  }, [title, path]);
  const open = useMemo(
    () => (evening ? { ...planned, evening, edit, undo, redo } : undefined),
    [evening, planned, edit, undo, redo],
  );

  if (missing) {
    return (
      <Instead
        title="This evening is not here"
        says="It was deleted, or the server does not answer and this device has never seen it."
      >
        <Button look="main" label="All evenings" onPress={() => router.replace('/')} />
      </Instead>
    );
  }
  if (!open || !evening) {
    return <Instead title={title ?? titleWhileOpening(id)} says="Opening" busy />;
  }

  const stages = stagesOf(plan, live, planned.prep);
  const back = (
    <IconButton
      label="All evenings"
      onPress={() => router.replace('/')}
      icon={<ChevronLeft size={26} color="rgb(var(--ink))" />}
    />
  );
  const name = (
    <View className="min-w-[5.5rem] flex-1 lg:flex-none">
      <Heading level={1} className="text-xl leading-6 lg:text-2xl lg:leading-7" numberOfLines={wide ? 3 : 2}>
        {evening.title}
      </Heading>
      <Small numberOfLines={2} className={short ? 'hidden' : ''}>
        {dayShort(evening.sitDownAt)} at {clock(evening.sitDownAt)} · {evening.diners.length} at table
      </Small>
    </View>
  );
  const bar = drawn < 1 ? null : <StageBar eveningId={id} stages={stages} upright={wide} />;
  const page = (
    <Boundary resetKeys={[path, evening]} onBack={() => router.replace('/')} onKeep={() => saveAsFile(evening)}>
      <OldPage isLit={live.status === 'running' || live.status === 'paused'} />
      {live.started && !atStove && live.status !== 'finished' ? (
        <ChangedSince changes={changesSince(live.started.evening, evening)} />
      ) : null}
      <View role="main" nativeID={MAIN_ID} tabIndex={-1} className="gap-8">
        {drawn < 2 ? null : (
          <Suspense>
            <Slot />
          </Suspense>
        )}
      </View>
    </Boundary>
  );
  const corner = (
    <View className="flex-row items-center">
      {/* What is in the pot by now is taken back at the stove. */}
      {isOver && atStove ? null : <UndoButtons undo={undo} redo={redo} />}
      <SaveState id={id} draft={draft} />
      <IconButton
        label="Shopping and pantry"
        onPress={() => router.push(`/evening/${id}/shopping`)}
        icon={<ShoppingBasket size={22} color="rgb(var(--ink))" />}
      />
      {wide || (!undo && !redo) ? <ThemeButton /> : null}
    </View>
  );

  return (
    <EveningProvider value={open}>
      <CatalogueProvider value={catalogue}>
        <MomentProvider value={moment}>
          <SkipLink />
          {wide ? (
            <View className="h-screen flex-row">
              <View className="w-60 gap-5 border-r border-line p-4">
                <View className="flex-row items-center justify-between">
                  {back}
                  {corner}
                </View>
                <View className="px-4">{name}</View>
                {bar}
                {atBroth && plan ? (
                  <View className="px-2 pt-4">
                    <PotFromAbove vessel={evening.vessel} build={plan.build} {...saucesOf(plan)} />
                  </View>
                ) : null}
              </View>
              <ScrollView
                className="min-w-0 flex-1"
                contentContainerClassName={classes(
                  'mx-auto w-full gap-8 p-8',
                  atStove && vast ? 'max-w-[110rem]' : atStove || atBroth || atBuild ? 'max-w-5xl' : 'max-w-2xl',
                )}
              >
                <RunningTimers eveningId={id} />
                {page}
              </ScrollView>
              {atStove || atBroth || atBuild ? null : (
                <View className="w-[380px] border-l border-line bg-sheet">
                  <ScrollView role="region" aria-label="The pot" tabIndex={0} contentContainerClassName="p-6">
                    <PotPanel />
                  </ScrollView>
                </View>
              )}
            </View>
          ) : (
            <View className="h-screen">
              <View
                className={classes(
                  'flex-row flex-wrap items-center gap-x-1 border-b border-line px-2',
                  short ? '' : 'py-2',
                )}
              >
                {back}
                {name}
                {corner}
              </View>
              <ScrollView className="flex-1" contentContainerClassName="gap-8 px-5 pb-12 pt-5">
                <RunningTimers eveningId={id} />
                {page}
              </ScrollView>
              {bar}
            </View>
          )}
        </MomentProvider>
      </CatalogueProvider>
    </EveningProvider>
  );
}
