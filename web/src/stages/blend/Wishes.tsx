import { AIM_SHIFTS } from '@omniarton/core/blend';
import type { BlendWishes } from '@omniarton/core/kitchen';
import { AIMS } from '@omniarton/core/vocabulary';
import { styled } from 'styled-components';
import { useAppSelector } from '../../state/state';
import { useNames } from '../../state/kitchen/useNames';
import { stopDeeper } from '../../state/engine/listening';
import { Button, Chip } from '../../ui/Button';
import { Caption, Choice } from '../../ui/Choice';
import { Row, Small, Stack } from '../../ui/layout';
import { Pick } from '../../ui/Pick';
import { useDraftId, useEngine, useHousehold, useRequest } from '../../state/bench/onBench';

const NONE = 'none';
const ANY = 'any';
const COUNTS = ['2', '3', '4', '5'] as const;

/** What is wished of the blend, as plain handles. */
export function Wishes() {
  const [{ blend }, ask] = useRequest();
  const wish = (part: Partial<BlendWishes>) => ask({ blend: { ...blend, ...part }, pins: [] });
  return (
    <Stack as="section" $gap={3} aria-label="What is wished of the blend">
      <div role="group" aria-label="It shall be">
        <Caption as="span">It shall be</Caption>
        <Row>
          {AIMS.map((aim) => (
            <Chip
              key={aim}
              isSelected={blend.aims.includes(aim)}
              onChange={(on) =>
                wish({ aims: on ? [...blend.aims, aim] : blend.aims.filter((one) => one !== aim) })
              }
            >
              {AIM_SHIFTS[aim].name}
            </Chip>
          ))}
        </Row>
      </div>
      <Handles>
        <Choice
          label="At most so many flours"
          value={String(blend.most)}
          options={COUNTS.map((id) => ({ id: id as string, name: id }))}
          onChange={(most) => wish({ most: Number(most) })}
        />
        <BagsToBuy blend={blend} wish={wish} />
        <UseUp blend={blend} wish={wish} />
      </Handles>
      <Deeper />
    </Stack>
  );
}

interface Props {
  readonly blend: BlendWishes;
  readonly wish: (part: Partial<BlendWishes>) => void;
}

const BUY_WORDS: Readonly<Record<string, string>> = {
  [ANY]: 'as many as it takes',
  '0': 'none: from the cupboard',
  '1': 'one',
  '2': 'two',
};

const BagsToBuy = ({ blend, wish }: Props) => (
  <Choice
    label="Bags to buy"
    value={blend.buy === null ? ANY : String(blend.buy)}
    options={Object.entries(BUY_WORDS).map(([id, name]) => ({ id, name }))}
    onChange={(buy) => wish({ buy: buy === ANY ? null : Number(buy) })}
  />
);

/** The bags of the cupboard, one of which may be used up. */
function UseUp({ blend, wish }: Props) {
  const household = useHousehold();
  const nameOf = useNames(household);
  const bags = useAppSelector((state) => state.kitchens[household]?.bags);
  const there = [...new Set((bags ?? []).filter(({ grams }) => grams > 0).map(({ doc }) => doc.ingredient))];
  if (there.length === 0 && blend.useUp === null) return null;
  const ids = blend.useUp !== null && !there.includes(blend.useUp) ? [...there, blend.useUp] : there;
  return (
    <Pick<string>
      label="Use up the bag of"
      value={blend.useUp ?? NONE}
      options={[{ id: NONE, name: 'none in particular' }, ...ids.map((id) => ({ id, name: nameOf(id) }))]}
      onChange={(id) => wish({ useUp: id === NONE ? null : id })}
    />
  );
}

/** The search among sets of five goes on while the best of four is shown. */
function Deeper() {
  const id = useDraftId();
  const deeper = useEngine((engine) => engine.deeper);
  if (deeper === null) return null;
  return (
    <Row role="status">
      <progress value={deeper} max={1} aria-label="Going through sets of five flours" />
      <Small>Shown is the best of four flours; going through sets of five …</Small>
      <Button onPress={() => stopDeeper(id)}>Leave it at four</Button>
    </Row>
  );
}

const Handles = styled(Row).attrs({ $gap: 5 })`
  align-items: end;
`;
