import { Plus } from '@/ui/icons';
import { useEffect, useMemo } from 'react';
import { ScrollView, View } from 'react-native';
import { ThemeButton } from '@/features/settings/ThemeButton';
import { useAppSelector } from '@/store';
import { useListEveningsQuery } from '@/store/api';
import { Button } from '@/ui/Button';
import { Instead, Section } from '@/ui/Page';
import { Body, Heading, Small } from '@/ui/Text';
import { EveningItem } from './EveningItem';
import { eveningRows, groupRows } from './eveningRows';
import { NextEvening } from './NextEvening';
import { OpenFile } from './OpenFile';
import { useNewEvening } from './useNewEvening';
import { WhatIsNotKept } from './WhatIsNotKept';

/** All evenings: what is on now, what comes, what has been. */
export function EveningsScreen() {
  const { data, isLoading, isError, refetch } = useListEveningsQuery(undefined, { refetchOnMountOrArgChange: true });
  const drafts = useAppSelector((state) => state.drafts);
  const logs = useAppSelector((state) => state.live);
  const online = useAppSelector((state) => state.connection.online);
  const rows = useMemo(() => eveningRows(data, drafts, logs), [data, drafts, logs]);
  const groups = groupRows(rows, Date.now());
  const startNew = useNewEvening(rows);
  useEffect(() => {
    document.title = 'Elixa';
  }, []);

  const newButton = (look: 'main' | 'plain') => (
    <Button
      look={look}
      className="min-h-main sm:px-8"
      label="New evening"
      icon={<Plus size={22} color={look === 'main' ? 'rgb(var(--on-iron))' : 'rgb(var(--ink))'} />}
      onPress={() => void startNew()}
    />
  );

  if (isLoading && rows.length === 0) return <Instead title="Elixa" says="Looking for your evenings" busy />;

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

        {!online ? (
          <View role="status" className="rounded-2xl bg-well px-5 py-4">
            <Body className="font-semibold">The server does not answer</Body>
            <Small>Everything you do is kept on this device and sent when it is back.</Small>
          </View>
        ) : null}
        <WhatIsNotKept />
        {isError && online ? (
          <View role="alert" className="gap-3 rounded-2xl bg-well p-5">
            <Body>The list could not be read.</Body>
            <Button label="Try again" onPress={() => void refetch()} />
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
              </Section>
            ) : null}
            {groups.past.length > 0 ? (
              <Section title="Before">
                <View className="border-t border-line">
                  {groups.past.map((row) => (
                    <EveningItem key={row.id} row={row} />
                  ))}
                </View>
              </Section>
            ) : null}
          </>
        )}
      </ScrollView>
      {rows.length > 0 ? (
        <View className="border-t border-line bg-washi p-4 sm:hidden">{newButton('plain')}</View>
      ) : null}
    </View>
  );
}
