import { Link, usePathname } from 'expo-router';
import { ChefHat, CookingPot, Flame, NotebookPen, Soup, Timer, Users } from '@/ui/icons';
import { Pressable, Text, View } from 'react-native';
import { useScreen } from '@/ui/useScreen';
import type { Stage, StageId } from './stages';

const ICON: Record<StageId, typeof Users> = {
  who: Users,
  broth: Soup,
  prep: ChefHat,
  pot: CookingPot,
  simmer: Timer,
  stove: Flame,
  after: NotebookPen,
};

interface Props {
  eveningId: string;
  stages: readonly Stage[];
  upright?: boolean;
}

/** The stages of the work, one tap apart: along the foot of a phone, down the side of a wide screen. */
export function StageBar({ eveningId, stages, upright }: Props) {
  const path = usePathname();
  const room = useScreen();
  // On its side a phone has no height to give away, and very large letters or an open keyboard no room for seven names.
  const short = room.short && !upright;
  const iconsOnly = (room.narrow || room.tight) && !upright;
  // How the pot is built belongs to what goes into it, and a rehearsal to the stove.
  const page = path.endsWith('/build') ? '/pot' : path.endsWith('/rehearse') ? '/stove' : path;
  const at = stages.find((stage) => page.endsWith(`/${stage.id}`));
  return (
    <View
      role="navigation"
      aria-label="Stages of the evening"
      className={upright ? 'gap-1' : 'flex-row flex-wrap border-t border-line bg-sheet px-1'}
    >
      {stages.map((stage) => {
        const here = stage === at;
        const Icon = ICON[stage.id];
        const tone = here ? 'rgb(var(--iron))' : 'rgb(var(--soft))';
        return (
          <Link key={stage.id} href={`/evening/${eveningId}/${stage.id}`} replace asChild>
            <Pressable
              aria-current={here ? 'page' : undefined}
              aria-label={`${stage.label}, ${stage.left}`}
              className={
                upright
                  ? `min-h-main flex-row items-center gap-4 rounded-xl px-4 ${here ? 'bg-well' : ''}`
                  : `min-w-min shrink-0 grow basis-0 items-center justify-center border-t-[3px] ${iconsOnly ? 'min-h-target' : short ? 'min-h-target flex-row gap-1.5 px-1' : 'min-h-main gap-0.5 py-1.5'} ${here ? 'border-iron' : 'border-transparent'}`
              }
            >
              <Icon size={iconsOnly ? 28 : short ? 18 : 22} color={tone} aria-hidden />
              <View className={iconsOnly ? 'hidden' : upright ? 'flex-1' : 'items-center'}>
                <Text
                  className={`font-sans ${upright ? 'text-lg' : 'text-sm'} ${here ? 'font-bold text-iron' : 'font-semibold text-ink'}`}
                >
                  {stage.label}
                </Text>
                {short ? null : (
                  <Text
                    numberOfLines={1}
                    className={`font-sans text-xs ${stage.open ? 'font-bold text-ember' : 'text-soft'}`}
                  >
                    {stage.left}
                  </Text>
                )}
              </View>
            </Pressable>
          </Link>
        );
      })}
      {iconsOnly && at ? (
        <Text className="w-full pb-1 text-center font-sans text-sm font-bold text-iron">
          {at.label}
          {at.left ? ` · ${at.left}` : ''}
        </Text>
      ) : null}
    </View>
  );
}
