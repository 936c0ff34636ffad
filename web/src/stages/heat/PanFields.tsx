import type { Docket } from '@omniarton/core/docket';
import { profileOf } from '@omniarton/core/family';
import { fillWords } from '@omniarton/core/heat';
import type { PanSize } from '@omniarton/core/kitchen';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { sayNumber } from '../../ui/say';
import { useEngine, useRequest } from '../bench/onBench';
import { TinFields, USUAL_TIN } from './TinFields';

/** The tin that the recipe names, and the one that it will be baked in. */
export function PanFields({ docket: { bake, family } }: { readonly docket: Docket }) {
  const [request, ask] = useRequest();
  const theirs = useEngine(({ answer }) => answer?.recipe.bake?.pan ?? null);
  const pan: PanSize = bake.pan ?? { shape: 'tray', ...USUAL_TIN.tray };
  const { rise } = profileOf(family.id);
  const risen = bake.depthCm * rise;
  const over = fillWords(bake.pan, bake.depthCm, rise);
  const parted = pan.shape !== 'tray' && !Number.isInteger(Number(pan.count.toFixed(2)));
  return (
    <Stack as="section" $gap={3} aria-labelledby="tin">
      <Heading id="tin">The tin</Heading>
      <Small>{theirs ? `The recipe says: ${theirs.words}` : 'The recipe names no tin.'}</Small>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <TinFields
          pan={pan}
          onChange={(next) => ask({ pan: { ...next, count: Math.max(1, Math.round(next.count)) } })}
        />
        {request.pan ? <Button onPress={() => ask({ pan: null })}>As the recipe has it</Button> : null}
      </Row>
      {parted ? (
        <Small>
          So much batter fills {sayNumber(pan.count)} of these as deep as in the recipe: choose a tin for it.
        </Small>
      ) : null}
      {pan.shape === 'tray' ? null : (
        <Small>
          The batter stands {bake.depthCm.toFixed(1)} cm deep, and rises to about {risen.toFixed(1)} cm.
        </Small>
      )}
      {over ? <Notice tone="ask">{over}</Notice> : null}
    </Stack>
  );
}
