import { memo, useMemo } from 'react';
import type { Docket, DocketPart } from '@omniarton/core/docket';
import { SCHOOLS, type Balance } from '@omniarton/core/balance';
import { BINDER_SCHOOLS, FAMILY_NAMES } from '@omniarton/core/vocabulary';
import { say } from '@omniarton/core/words';
import { Choice } from '../../ui/Choice';
import { Fold } from '../../ui/Fold';
import { Heading, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { Rail } from '../../ui/Rail';
import { NeedsDocket } from '../../docket/NeedsDocket';
import {
  useAskLater,
  useDocket,
  useDraft,
  useEngine,
  useRestedDocket,
  useStale,
} from '../../state/bench/onBench';
import { useSettings } from '../../state/settings/useSettings';
import { Accounts } from './Accounts';
import { AtBowl } from './AtBowl';
import { Expected } from './Expected';
import { FoldIn } from './FoldIn';
import { Judged } from './Judged';
import { Shifts } from './Shifts';
import { Threads } from './Threads';
import { Ways } from './Ways';
import { Weights } from './Weights';
import { WhatIf } from './WhatIf';
import { BALANCE_WORDS } from '../../words/balance';

/** Every balance on its rail, every shift with its because, every weight to be overruled. */
export function BalanceStage() {
  const there = useEngine(({ outcome }) => outcome?.outcome === 'docket');
  const judgement = useDocket()?.judgement ?? null;
  if (!there) return <NeedsDocket what="balances" />;
  if (judgement)
    return (
      <Stack $gap={7}>
        <Judged judgement={judgement} />
        <WhatIf />
        <Overruling />
      </Stack>
    );
  return (
    <Stack $gap={7}>
      <BinderSchool />
      <Threads />
      <Balances />
      <WhatIf />
      <InWords />
      <Fold name="Other ways to convert it, side by side">
        <Ways />
      </Fold>
      <Overruling />
    </Stack>
  );
}

const builtOf = ({ parts }: Docket) => parts.filter(({ balances }) => balances.length > 0);

function Balances() {
  const docket = useDocket();
  const { shortcuts = true } = useSettings().settings;
  if (!docket) return null;
  const built = builtOf(docket);
  return (
    <>
      {built.map((part) => (
        <Rails key={part.id} part={part} named={docket.parts.length > 1} />
      ))}
      <Fold name="The ledger: grams and moles (key L)" shortcut={shortcuts ? 'l' : ''}>
        {built.map((part) => (
          <Accounts key={part.id} part={part} />
        ))}
      </Fold>
    </>
  );
}

/** What an answer says in sentences. */
function InWords() {
  const docket = useRestedDocket();
  if (!docket) return null;
  return (
    <>
      <Warnings docket={docket} />
      <Shifts shifts={docket.shifts} />
      {docket.bowl ? <AtBowl bowl={docket.bowl} /> : null}
      <FoldIn docket={docket} />
      <Expected texture={docket.texture} />
    </>
  );
}

function Overruling() {
  const docket = useRestedDocket();
  return docket ? <Weights docket={docket} /> : null;
}

/** What holds it together. */
const BinderSchool = memo(function BinderSchool() {
  const school = useDraft(({ doc }) => doc.request.school);
  const ask = useAskLater();
  return (
    <Choice
      label="Held together by"
      value={school}
      options={SCHOOL_OPTIONS}
      onChange={(to) => ask(() => ({ school: to }))}
    />
  );
});
const SCHOOL_OPTIONS = BINDER_SCHOOLS.map((id) => ({ id, name: SCHOOLS.rows[id].name }));

interface BalancedProps extends Pick<Balance, 'id' | 'original' | 'converted'> {
  readonly low: number;
  readonly high: number;
}

/** One balance on its rail. */
const Balanced = memo(function Balanced({ id, original, converted, low, high }: BalancedProps) {
  const band = useMemo(() => [low, high] as const, [low, high]);
  const { name, about, unit, say } = BALANCE_WORDS[id];
  return (
    <Rail
      label={name}
      about={about}
      unit={unit}
      from={original}
      fromName="wheat"
      to={converted}
      band={band}
      {...(say ? { say } : {})}
    />
  );
});

/** Where nothing gives off gas, as by yeast or by beaten egg, there is no lift to balance. */
const isThere = ({ id, original, converted }: Balance) => id !== 'lift' || original > 0 || converted > 0;

function Rails({ part, named }: { readonly part: DocketPart; readonly named: boolean }) {
  // On the section, so that no rail is drawn anew for it.
  const stale = useStale();
  return (
    <section data-stale={stale || undefined} aria-labelledby={`rails-${part.id}`}>
      <Heading id={`rails-${part.id}`}>
        {named ? `${part.name ?? 'First part'}, as ${FAMILY_NAMES[part.family]}` : 'The balances'}
      </Heading>
      {part.balances.filter(isThere).map(({ id, original, converted, band }) => {
        return (
          <Balanced key={id} id={id} original={original} converted={converted} low={band[0]} high={band[1]} />
        );
      })}
      {part.bySpoon > 0 ? (
        <Notice>
          Up to {Math.round(part.bySpoon)} g of liquid more may follow by the spoon, after the rest and only
          if it is too stiff.
        </Notice>
      ) : null}
    </section>
  );
}

const Warnings = ({ docket }: { readonly docket: Docket }) => (
  <Stack $gap={2}>
    {docket.warnings.map(say).map((words) => (
      <Notice key={words} tone="ask">
        {words}
      </Notice>
    ))}
  </Stack>
);
