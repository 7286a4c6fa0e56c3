import type { Build, Plate, Units } from '@elixa/contract';
import { capital, shortName } from '@elixa/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useCatalogue } from '@/ui/catalogue';
import { Section } from '@/ui/Page';
import { RoundChoice } from '@/ui/RoundChoice';
import { PieceSwatch } from '@/ui/pot/PieceSwatch';
import { Body, Small } from '@/ui/Text';
import { piecesWords } from './BunchPanel';
import { SIDE_WORDS } from './placeWords';

function PlateRows({ plate, units }: { plate: Plate; units: Units }) {
  const catalogue = useCatalogue();
  return (
    <View className="border-t border-line">
      {plate
        .filter((one) => one.massG > 0)
        .map((one) => (
          <View
            key={`${one.ingredientId}-${one.cut}-${one.side ?? ''}`}
            className="min-h-target flex-row flex-wrap items-center gap-x-3 border-b border-line py-1"
          >
            <PieceSwatch ingredientId={one.ingredientId} cut={one.cut} size={30} />
            <Body className="words font-semibold">{capital(shortName(catalogue.byId(one.ingredientId), one.cut))}</Body>
            <Body className="ml-auto text-right">
              {piecesWords(one, units)}
              {one.side ? `, ${SIDE_WORDS[one.side]}` : ''}
            </Body>
          </View>
        ))}
    </View>
  );
}

/** What does not fit waits on plates: a whole plate of everything for each round. */
export function Plates({ build, units }: { build: Build; units: Units }) {
  const [round, setRound] = useState('1');
  const { plates } = build;
  if (plates.length < 2) return null;
  const shown = plates[Number(round) - 1] ?? plates[0]!;
  return (
    <Section title="A plate for each round">
      <Body className="text-soft">
        It does not all fit at once. Each round is a whole plate of everything, in whole pieces.
      </Body>
      <RoundChoice
        options={plates.map((_, index) => ({ value: String(index + 1), label: `Round ${index + 1}` }))}
        value={round}
        onChange={setRound}
      />
      <PlateRows plate={shown} units={units} />
      <Small>{round === '1' ? 'This one is built first.' : 'It waits, covered and cold, until its turn.'}</Small>
    </Section>
  );
}
