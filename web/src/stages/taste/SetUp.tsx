import { v7 as newId } from 'uuid';
import type { BakeAnswer, DocketAnswer } from '@omniarton/contracts';
import { pathTo } from '@omniarton/contracts/paths-and-errors';
import type { Docket } from '@omniarton/core/docket';
import {
  clashesOf,
  holdsAsWritten,
  holdsOf,
  reachOf,
  TRAINED,
  SAMPLES_OF,
  TASTE_TESTS,
  type Sample,
  type Taster,
  type TasteTest,
  type TastingDocument,
} from '@omniarton/core/taste';
import { useBakesQuery } from '../../api/bakesApi';
import { request } from '../../api/http';
import { useDraft } from '../../state/bench/onBench';
import { useKitchen } from '../../state/kitchen/useKitchen';
import type { TastingChange } from '../../state/tastings/tastings';
import { Button, Chip } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { NumberEntry } from '../../ui/NumberEntry';
import { TextEntry } from '../../ui/TextEntry';
import { clashWords, holdsWords, reachWords, TEST_WORDS } from '../../words/tasting';

interface Props {
  readonly doc: TastingDocument;
  readonly change: (how: TastingChange) => void;
}

const TESTS = TASTE_TESTS.map((id) => ({ id, name: TEST_WORDS[id].name }));
const ABOUT: ReadonlySet<TasteTest> = new Set<TasteTest>(['paired', 'just-right', 'ranking']);
const REPEATED: ReadonlySet<TasteTest> = new Set<TasteTest>(['triangle', 'duo-trio']);

/** Why it can't begin yet; null: it can. */
function missing({ test, samples, tasters, coder }: TastingDocument): string | null {
  const [least, most] = SAMPLES_OF[test];
  if (samples.length < least || samples.length > most)
    return least === most
      ? `This test is of ${least} bakes.`
      : `This test is of ${least} to ${most} bakes${least === 1 ? '' : ': one alone compares with nothing'}.`;
  if (tasters.length === 0) return 'Nobody tastes yet.';
  if (tasters.some(({ name }) => name !== '' && name === coder))
    return 'Who puts the codes on knows them, and can’t taste.';
  return null;
}

/** What is tasted, by whom, and what such a panel could show at all. */
export function SetUp({ doc, change }: Props) {
  const { test, samples, tasters, rounds } = doc;
  const set = (part: Partial<TastingDocument>) => change((one) => ({ ...one, ...part }));
  const clashes = clashesOf(tasters, samples);
  const certain = clashes.filter((one) => one.certain);
  const why = missing(doc);
  return (
    <Stack as="section" aria-labelledby="set-up" $gap={5}>
      <Heading id="set-up">A tasting</Heading>
      <Question doc={doc} set={set} />
      <Samples doc={doc} set={set} />
      <Tasters doc={doc} set={set} />
      <Small>
        {reachWords(reachOf(test, samples.length, tasters.length * rounds), tasters.length * rounds)}
      </Small>
      {samples.length > 0 ? <Notice>{holdsWords(doc)}</Notice> : null}
      {clashes.map((one) => (
        <Notice key={clashWords(one)} tone={one.certain ? 'danger' : 'ask'}>
          {clashWords(one)}
        </Notice>
      ))}
      <Row>
        <Button
          $weight="strong"
          isDisabled={why !== null || certain.length > 0}
          onPress={() => set({ stage: 'tasting' })}
        >
          Make the codes
        </Button>
        <Small>
          {why ??
            (certain.length > 0
              ? 'No code is shown while somebody would be given what they avoid.'
              : 'Same age, same warmth, same cut; water between.')}
        </Small>
      </Row>
    </Stack>
  );
}

interface PartProps {
  readonly doc: TastingDocument;
  readonly set: (part: Partial<TastingDocument>) => void;
}

/** What is asked, of what, and who serves. */
function Question({ doc, set }: PartProps) {
  const { test, rounds } = doc;
  return (
    <>
      <Choice<TasteTest>
        label="What is asked"
        value={test}
        options={TESTS}
        onChange={(next) => set({ test: next })}
      />
      <Small>{TEST_WORDS[test].asks}</Small>
      <Row $gap={5} style={{ alignItems: 'end' }}>
        {ABOUT.has(test) ? (
          <TextEntry
            label="Of what: sweetness, crumb …"
            value={doc.about}
            mayBeEmpty
            maxLength={60}
            onCommit={(about) => set({ about })}
          />
        ) : null}
        <TextEntry
          label="Who puts the codes on"
          value={doc.coder}
          mayBeEmpty
          maxLength={80}
          onCommit={(coder) => set({ coder })}
        />
        {REPEATED.has(test) ? (
          <NumberEntry
            label="Times each tastes"
            min={1}
            max={3}
            value={rounds}
            onCommit={(times) => set({ rounds: Math.round(times) })}
          />
        ) : null}
        {TRAINED.has(test) ? (
          <Chip isSelected={doc.training ?? false} onChange={(training) => set({ training })}>
            A training round first
          </Chip>
        ) : null}
      </Row>
    </>
  );
}

/** A bake of the log as a sample, with what its docket holds; null where that can't be fetched. */
async function sampleOf(household: string, recipe: string, bake: BakeAnswer): Promise<Sample | null> {
  const path = pathTo('docket', { household, recipe, docket: bake.doc.docket });
  const reply = await request<DocketAnswer>(path);
  if (!reply.ok) return null;
  const { variant, bakedOn, asWritten } = bake.doc.notes;
  const docket = reply.data.doc.docket as Docket;
  return {
    id: newId(),
    name: variant?.name ?? bakedOn,
    bake: bake.id,
    holds: asWritten ? holdsAsWritten(docket) : holdsOf(docket),
  };
}

function Samples({ doc, set }: PartProps) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const { data } = useBakesQuery({ household, recipe });
  const bakes = data?.items ?? [];
  const toggle = async (bake: BakeAnswer, on: boolean) => {
    const others = doc.samples.filter((one) => one.bake !== bake.id);
    if (!on) return set({ samples: others });
    const made = await sampleOf(household, recipe, bake);
    if (made) set({ samples: [...others, made] });
  };
  return (
    <Stack $gap={2}>
      <Heading as="h3">What is tasted</Heading>
      {bakes.length === 0 ? <Small>Bakes of the log are tasted: write one down first.</Small> : null}
      <Row>
        {bakes.map((bake) => {
          const { notes } = bake.doc;
          return (
            <Chip
              key={bake.id}
              isSelected={doc.samples.some((one) => one.bake === bake.id)}
              onChange={(on) => void toggle(bake, on)}
            >
              {[notes.bakedOn, notes.variant?.name ?? ''].filter((one) => one !== '').join(', ')}
            </Chip>
          );
        })}
      </Row>
    </Stack>
  );
}

function Tasters({ doc, set }: PartProps) {
  const household = useDraft((draft) => draft.household);
  const { people } = useKitchen(household).doc;
  const add = (taster: Omit<Taster, 'id'>) => set({ tasters: [...doc.tasters, { id: newId(), ...taster }] });
  const guests = doc.tasters.filter(({ person }) => person === null);
  return (
    <Stack $gap={2}>
      <Heading as="h3">Who tastes</Heading>
      <Row>
        {people.map(({ id, name, gluten, grainFree, avoids }) => (
          <Chip
            key={id}
            isSelected={doc.tasters.some(({ person }) => person === id)}
            onChange={(on) =>
              on
                ? add({ person: id, name, gluten, grainFree, avoids })
                : set({ tasters: doc.tasters.filter(({ person }) => person !== id) })
            }
          >
            {name || 'Somebody'}
          </Chip>
        ))}
        {guests.map(({ id, name }) => (
          <Chip
            key={id}
            isSelected
            onChange={() => set({ tasters: doc.tasters.filter((one) => one.id !== id) })}
          >
            {name}
          </Chip>
        ))}
      </Row>
      <Row style={{ alignItems: 'end' }}>
        <TextEntry
          label="Somebody else"
          value=""
          maxLength={80}
          onCommit={(name) => add({ person: null, name, gluten: null, grainFree: null, avoids: [] })}
        />
        <Small>Ask guests what they avoid: nothing is known of them here.</Small>
      </Row>
    </Stack>
  );
}
