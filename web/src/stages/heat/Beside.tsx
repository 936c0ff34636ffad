import type { Beside as What, DocketBake } from '@omniarton/core/docket';
import { ROUTE_TABLE } from '@omniarton/core/blend';
import type { PanSize } from '@omniarton/core/kitchen';
import { ROUTES, type RouteId } from '@omniarton/core/vocabulary';
import { Row, Small } from '../../ui/layout';
import { Pick } from '../../ui/Pick';
import { TinFields, usualTin } from '../../ui/TinFields';
import { useBakeAnswer } from './useBakeAnswer';
import { useMeasures } from '../../state/bench/useMeasures';

/** What the bake is held against, and its bake; null: nothing. */
export function useBeside(what: What | null): { readonly bake: DocketBake | null; readonly none: boolean } {
  const { data, stale } = useBakeAnswer<{ readonly bake: DocketBake | null }>(
    ['beside', what],
    { bake: null },
    async (engine, key, ...of) => (what ? await engine.beside(key, ...of, what) : { bake: null }),
  );
  return { bake: what ? (data?.bake ?? null) : null, none: what !== null && !stale && data?.bake === null };
}

type Kind = 'nothing' | 'wheat' | 'pan' | `route:${RouteId}`;

const OPTIONS: readonly { readonly id: Kind; readonly name: string }[] = [
  { id: 'nothing', name: 'nothing' },
  { id: 'wheat', name: 'the wheat bake, in its own tin' },
  { id: 'pan', name: 'another tin' },
  ...ROUTES.map((route) => ({ id: `route:${route}` as const, name: `by ${ROUTE_TABLE.rows[route].name}` })),
];

const kindOf = (what: What | null): Kind =>
  what === null ? 'nothing' : what.kind === 'route' ? `route:${what.route}` : what.kind;

interface Props {
  readonly what: What | null;
  readonly onChange: (what: What | null) => void;
  readonly own: DocketBake;
  readonly bake: DocketBake | null;
  readonly none: boolean;
}

/** Chooses what to hold the bake against, and says how the two differ. */
export function BesideFields({ what, onChange, own, bake, none }: Props) {
  const inches = useMeasures() === 'us';
  const choose = (kind: Kind) => {
    if (kind === 'nothing') onChange(null);
    else if (kind === 'wheat') onChange({ kind });
    else if (kind === 'pan') onChange({ kind, pan: otherTin(own.pan) });
    else onChange({ kind: 'route', route: kind.slice('route:'.length) as RouteId });
  };
  return (
    <>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <Pick<Kind> label="Beside it" value={kindOf(what)} options={OPTIONS} onChange={choose} />
        {what?.kind === 'pan' ? (
          <TinFields inches={inches} pan={what.pan} onChange={(pan) => onChange({ kind: 'pan', pan })} />
        ) : null}
      </Row>
      {none ? <Small>There is no bake that way.</Small> : null}
      {bake?.minutes && own.minutes ? (
        <Small>
          The other is done after about {Math.round(bake.minutes.central)} minutes (
          {Math.round(bake.minutes.low)}–{Math.round(bake.minutes.high)}), this one after{' '}
          {Math.round(own.minutes.central)}; it stands {bake.depthCm.toFixed(1)} cm deep, this one{' '}
          {own.depthCm.toFixed(1)}.
        </Small>
      ) : null}
    </>
  );
}

/** A tin to begin with that isn't the same. */
const otherTin = (pan: PanSize | null): PanSize => usualTin(pan?.shape === 'muffin' ? 'round' : 'muffin');
