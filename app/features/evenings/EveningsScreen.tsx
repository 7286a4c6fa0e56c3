import { nowMs } from '@/state/clock';
import { Plus } from '@/ui/icons';
import { useEffect, useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import { ThemeButton } from '@/features/settings/ThemeButton';
import { useAppSelector } from '@/state';
import type { Trouble } from '@/state/connection';
import { useListEveningsInfiniteQuery } from '@/state/api';
import { Button } from '@/ui/Button';
import { Instead, Section } from '@/ui/Page';
import { Body, Heading, Small } from '@/ui/Text';
import { EveningBin } from './EveningBin';
import { EveningItem } from './EveningItem';
import { eveningRows, groupRows } from './eveningRows';
import { NextEvening } from './NextEvening';
import { OldPage } from '@/features/live/OldPage';
import { OpenFile } from './OpenFile';
import { useNewEvening } from './useNewEvening';
import { WhatIsNotKept } from './WhatIsNotKept';

const TROUBLE: Record<Trouble, string> = {
  noAnswer: 'The server does not answer',
  later: 'The server is busy or ill',
  signIn: 'The server asks you to sign in',
};

type Pages = Pick<
  ReturnType<typeof useListEveningsInfiniteQuery>,
  'hasNextPage' | 'isFetchingNextPage' | 'fetchNextPage'
>;

/** The next page of a part of the list, where there is one. */
function More({ list, label }: { list: Pages; label: string }) {
  if (!list.hasNextPage) return null;
  return (
    <Button
      className="self-start"
      label={list.isFetchingNextPage ? 'Reading…' : label}
      onPress={() => void list.fetchNextPage()}
    />
  );
}

/** All evenings: what is on now, what comes, what has been. */
export function EveningsScreen() {
  const ahead = useListEveningsInfiniteQuery('ahead', { refetchOnMountOrArgChange: true });
  const past = useListEveningsInfiniteQuery('past', { refetchOnMountOrArgChange: true });
  const drafts = useAppSelector((state) => state.drafts);
  const logs = useAppSelector((state) => state.live);
  const trouble = useAppSelector((state) => state.connection.trouble);
  const rows = useMemo(() => {
    const pages = [...(ahead.data?.pages ?? []), ...(past.data?.pages ?? [])];
    const listed = pages.flatMap((page) => page.evenings);
    return eveningRows(listed, drafts, logs);
  }, [ahead.data, past.data, drafts, logs]);
  const groups = groupRows(rows, nowMs());
  const startNew = useNewEvening(rows);
  useEffect(() => {
    document.title = 'Elixa';
  }, []);

  const readAgain = () => {
    void ahead.refetch();
    void past.refetch();
  };

  const newButton = (look: 'main' | 'plain') => (
    <Button
      look={look}
      className="min-h-main sm:px-8"
      label="New evening"
      icon={<Plus size={22} color={look === 'main' ? 'rgb(var(--on-iron))' : 'rgb(var(--ink))'} />}
      onPress={() => void startNew()}
    />
  );

  if ((ahead.isLoading || past.isLoading) && rows.length === 0)
    return <Instead title="Elixa" says="Looking for your evenings" busy />;

  return (
    <View className="flex-1" role="main">
      <ScrollView contentContainerClassName="mx-auto w-full max-w-5xl gap-8 px-5 pb-32 pt-4 lg:px-10 lg:pt-8">
        <View className="flex-row items-center justify-between">
          <Heading level={1} className="text-iron">
            Elixa
          </Heading>
          <View className="flex-row items-center">
            <OpenFile />
            <ThemeButton />
          </View>
        </View>

        {trouble ? (
          <View role="status" className="rounded-2xl bg-well px-5 py-4">
            <Body className="font-semibold">{TROUBLE[trouble]}</Body>
            <Small>
              Everything you do is kept on this device and sent when {trouble === 'signIn' ? 'you have' : 'it is back'}.
            </Small>
          </View>
        ) : null}
        <WhatIsNotKept />
        <OldPage isLit={rows.some((row) => row.status === 'live')} />
        {(ahead.isError || past.isError) && !trouble ? (
          <View role="alert" className="gap-3 rounded-2xl bg-well p-5">
            <Body>The list could not be read.</Body>
            <Button label="Try again" onPress={readAgain} />
          </View>
        ) : null}

        {rows.length === 0 ? (
          <View className="items-center gap-5 py-12">
            <Heading level={2} className="text-center">
              No evening yet
            </Heading>
            <Body className="max-w-md text-center text-soft">
              Say who comes and which pot you have. Elixa works out what to buy, measure and do, and when.
            </Body>
            {newButton('main')}
          </View>
        ) : (
          <>
            {groups.now.map((row) => (
              <NextEvening key={row.id} row={row} />
            ))}
            <View className="hidden sm:flex sm:items-start">{newButton('plain')}</View>
            {groups.coming.length > 0 ? (
              <Section title="Coming">
                <View className="border-t border-line">
                  {groups.coming.map((row) => (
                    <EveningItem key={row.id} row={row} />
                  ))}
                </View>
                <More list={ahead} label="Later evenings" />
              </Section>
            ) : null}
            {groups.past.length > 0 ? (
              <Section title="Before">
                <View className="border-t border-line">
                  {groups.past.map((row) => (
                    <EveningItem key={row.id} row={row} />
                  ))}
                </View>
                <More list={past} label="Earlier evenings" />
              </Section>
            ) : null}
          </>
        )}
        <EveningBin />
      </ScrollView>
      {rows.length > 0 ? (
        <View className="border-t border-line bg-washi p-4 sm:hidden">{newButton('plain')}</View>
      ) : null}
    </View>
  );
}
