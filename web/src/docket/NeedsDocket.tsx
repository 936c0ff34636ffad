import { say } from '@omniarton/core/words';
import { Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { useAwaited, useEngine } from '../state/bench/onBench';

/** Why a stage has nothing to show yet, and what it needs. */
export function NeedsDocket({ what }: { readonly what: string }) {
  const outcome = useEngine((engine) => engine.outcome);
  const read = useEngine(({ answer }) =>
    answer?.recipe.parts.some(({ lines }) => lines.some(({ kind }) => kind === 'ingredient')),
  );
  const awaited = useAwaited();
  if (!read && !awaited) return <Notice>For {what} there must be a recipe: paste it under Read.</Notice>;
  if (!outcome || outcome.outcome === 'docket') return <p role="status">Working it out …</p>;
  return (
    <Stack $gap={2}>
      <Notice tone={outcome.outcome === 'infeasible' ? 'danger' : 'calm'}>
        {outcome.reasons.map(say).join(' ')}
      </Notice>
      {outcome.relax.map(say).map((one) => (
        <Notice key={one} tone="ask">
          {one}.
        </Notice>
      ))}
    </Stack>
  );
}
