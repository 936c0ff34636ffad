import type { DocketBake } from '@omniarton/core/docket';
import { ovenOf, planTrays, type TrayPlan as Plan } from '@omniarton/core/heat';
import { PANS } from '@omniarton/core/kitchen';
import { styled } from 'styled-components';
import { useKitchen } from '../../state/kitchen/useKitchen';
import { Figure, Heading, Small } from '../../ui/layout';
import { useHousehold, useRequest } from '../../state/bench/onBench';

const USUAL_RACKS = 2;

/** How many pieces, on how many trays, and how they get through the oven; nothing where it is a tin. */
export function TrayPlan({ bake }: { readonly bake: DocketBake }) {
  const household = useHousehold();
  const { ovens } = useKitchen(household).doc;
  const [{ ovenId }] = useRequest();
  const { piece, minutes, pan } = bake;
  if (!piece || !minutes) return null;
  const oven = ovenOf({ ovens }, ovenId);
  const { lengthCm, widthCm } = pan ?? PANS.rows.tray;
  const { perTray, trays, plans } = planTrays({
    pieces: piece.count,
    acrossCm: piece.acrossCm,
    trayCm: [lengthCm, widthCm],
    racks: oven?.racks ?? USUAL_RACKS,
    minutes: minutes.central,
  });
  return (
    <section aria-labelledby="trays">
      <Heading id="trays">The trays</Heading>
      <Small>
        About {piece.count} pieces of {Math.round(piece.ml)} ml, {piece.acrossCm.toFixed(1)} cm wide when they
        have spread: {perTray} to a tray of {Math.round(lengthCm)} × {Math.round(widthCm)} cm,{' '}
        {trays === 1 ? 'one tray' : `${trays} trays`}.
      </Small>
      <Plans>
        {plans.map((plan) => (
          <PlanRow key={plan.at} plan={plan} />
        ))}
      </Plans>
    </section>
  );
}

function PlanRow({ plan: { at, loads, minutes, swapAt, total } }: { readonly plan: Plan }) {
  const each = `${loads === 1 ? 'once' : `${loads} times`} ${Math.round(minutes)} min`;
  return (
    <div>
      <dt>{at === 'one' ? 'One at a time' : 'Two together'}</dt>
      <dd>
        <Figure>{Math.round(total)} min</Figure>
        <Small>
          {each}
          {swapAt === null
            ? ', each evenly browned; keep the waiting dough cold'
            : `, top and bottom changed over and turned at ${Math.round(swapAt)} min; if they brown unlike, put the second in ${Math.round(minutes / 2)} min after the first`}
          .
        </Small>
      </dd>
    </div>
  );
}

const Plans = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
  gap: ${({ theme }) => `${theme.space(3)} ${theme.space(6)}`};
  margin-top: ${({ theme }) => theme.space(2)};
  dt {
    color: ${({ theme }) => theme.colour.soft};
  }
`;
