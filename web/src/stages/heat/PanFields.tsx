import type { Docket } from '@omniarton/core/docket';
import { familyOf } from '@omniarton/core/family';
import { overfilled, panFactor } from '@omniarton/core/heat';
import { standsFree, type PanSize } from '@omniarton/core/kitchen';
import { say } from '@omniarton/core/words';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { Pick } from '../../ui/Pick';
import { sayNumber } from '../../words/say';
import { useEngine, useHousehold, useRequest } from '../../state/bench/onBench';
import { TinFields, usualTin } from '../../ui/TinFields';
import { TinDrawing } from './TinDrawing';
import { TinMore } from '../../ui/TinMore';
import { useMeasures } from '../../state/bench/useMeasures';

const whole = (pan: PanSize): PanSize => ({ ...pan, count: Math.max(1, Math.round(pan.count)) });

/** The tin that the recipe names, and the one that it will be baked in. */
export function PanFields({ docket: { bake, family } }: { readonly docket: Docket }) {
  const inches = useMeasures() === 'us';
  const [request, ask] = useRequest();
  const theirs = useEngine(({ answer }) => answer?.process.bake?.pan ?? null);
  const pan: PanSize = bake.pan ?? usualTin('tray');
  const { rise } = familyOf(family.id);
  const over = overfilled(bake.pan, bake.depthCm, rise);
  const parted = !standsFree(pan) && !Number.isInteger(Number(pan.count.toFixed(2)));
  const choose = (next: PanSize) => ask({ pan: whole(next) });
  return (
    <Stack as="section" $gap={3} aria-labelledby="tin">
      <Heading id="tin">The tin</Heading>
      <Small>{theirs ? `The recipe says: ${theirs.words}` : 'The recipe names no tin.'}</Small>
      <Row $gap={6}>
        <Stack $gap={3}>
          <OwnTins onPick={choose} />
          <Row $gap={4} style={{ alignItems: 'end' }}>
            <TinFields inches={inches} pan={pan} onChange={choose} />
            {request.pan ? <Button onPress={() => ask({ pan: null })}>As the recipe has it</Button> : null}
          </Row>
          <TinMore pan={pan} onChange={choose} />
        </Stack>
        {standsFree(pan) ? null : <TinDrawing pan={pan} theirs={theirs} onChange={choose} />}
      </Row>
      {theirs && request.pan ? <ToFit theirs={theirs} pan={request.pan} /> : null}
      {parted ? (
        <Small>
          So much batter fills {sayNumber(pan.count)} of these as deep as in the recipe: choose a tin for it.
        </Small>
      ) : null}
      {standsFree(pan) ? null : (
        <Small>
          The batter stands {bake.depthCm.toFixed(1)} cm deep, and rises to about{' '}
          {(bake.depthCm * rise).toFixed(1)} cm.
        </Small>
      )}
      {over ? <Notice tone="ask">{say(over)}</Notice> : null}
    </Stack>
  );
}

/** A tin of the household by its own name. */
function OwnTins({ onPick }: { readonly onPick: (pan: PanSize) => void }) {
  const household = useHousehold();
  const { pans } = useKitchen(household).doc;
  const [{ pan }] = useRequest();
  if (pans.length === 0) return null;
  const now = pans.find(
    ({ size }) => JSON.stringify({ ...size, count: 0 }) === JSON.stringify({ ...pan, count: 0 }),
  );
  return (
    <Pick
      label="One of yours"
      value={now?.id ?? 'none'}
      options={[{ id: 'none', name: 'another' }, ...pans.map(({ id, name }) => ({ id, name }))]}
      onChange={(id) => {
        const found = pans.find((one) => one.id === id);
        if (found) onPick(found.size);
      }}
    />
  );
}

const SAME = 0.02;

/** "My tin is 20 cm, the recipe says 23": as much batter as ever, or as deep as ever. */
function ToFit({ theirs, pan }: { readonly theirs: PanSize; readonly pan: PanSize }) {
  const [{ scale }, ask] = useRequest();
  if (standsFree(theirs) || standsFree(pan)) return null;
  const fits = panFactor(theirs, pan);
  const factor = scale?.factor ?? 1;
  if (Math.abs(fits - factor) < SAME * fits) return <Small>The batter is scaled to this tin.</Small>;
  const lines = scale?.lines ?? [];
  return (
    <Row $gap={3}>
      <Small>
        {fits < factor
          ? 'It stands deeper here than in the recipe.'
          : 'It stands lower here than in the recipe.'}
      </Small>
      <Button onPress={() => ask({ scale: { factor: fits, lines } })}>
        As deep as there: × {sayNumber(fits)} of the batter
      </Button>
      {scale ? <Button onPress={() => ask({ scale: null })}>As much batter as written</Button> : null}
    </Row>
  );
}
