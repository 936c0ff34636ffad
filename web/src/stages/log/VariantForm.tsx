import type { BagUsed, BakeNotes } from '@omniarton/core/kitchen';
import { useDocket, useDraft } from '../../state/bench/onBench';
import { useBakesQuery } from '../../api/bakesApi';
import { Fold } from '../../ui/Fold';
import { Row, Small, Stack } from '../../ui/layout';
import { Pick } from '../../ui/Pick';
import { TextEntry } from '../../ui/TextEntry';
import { datedBakeName } from '../../words/bakeName';

interface Props {
  readonly sheet: BakeNotes;
  readonly set: (part: Partial<BakeNotes>) => void;
}

const NONE = 'none';

/** What was changed on purpose, and against which bake; and whose bags went in. */
export function VariantForm({ sheet, set }: Props) {
  const household = useDraft((draft) => draft.household);
  const recipe = useDraft((draft) => draft.id);
  const stored = useDraft((draft) => draft.base > 0);
  const { data } = useBakesQuery({ household, recipe }, { skip: !stored });
  const before = (data?.items ?? []).map((one) => ({ id: one.id, name: datedBakeName(one) }));
  const { variant } = sheet;
  return (
    <Fold name="A change on purpose, and the bags">
      <Stack $gap={4}>
        <Row $gap={5} style={{ alignItems: 'end' }}>
          <TextEntry
            label="What was changed, in a word"
            value={variant?.name ?? ''}
            maxLength={80}
            onCommit={(name) =>
              set({ variant: name === '' ? null : { name, parent: variant?.parent ?? null } })
            }
          />
          {variant && before.length > 0 ? (
            <Pick
              label="Beside the bake of"
              value={variant.parent ?? NONE}
              options={[{ id: NONE, name: 'none of them' }, ...before]}
              onChange={(id) => set({ variant: { ...variant, parent: id === NONE ? null : id } })}
            />
          ) : null}
        </Row>
        {variant?.parent ? (
          <Small>What else differs from that bake is told when this one is kept.</Small>
        ) : null}
        <Bags sheet={sheet} set={set} />
      </Stack>
    </Fold>
  );
}

/** Whose bag of each flour went in: another bag may be another flour. */
function Bags({ sheet, set }: Props) {
  const docket = useDocket();
  const flours = (docket?.parts ?? [])
    .flatMap(({ blend }) => blend ?? [])
    .map(({ ingredient, name }) => ({ ingredient, name }));
  const known = new Set<string>();
  const each = flours.filter(({ ingredient }) => !known.has(ingredient) && known.add(ingredient));
  if (each.length === 0) return null;
  return (
    <Row $gap={5} style={{ alignItems: 'end' }}>
      {each.map(({ ingredient, name }) => (
        <Bag
          key={ingredient}
          name={name}
          used={sheet.bags.find((one) => one.ingredient === ingredient) ?? { ingredient, bag: '', batch: '' }}
          onChange={(used) => {
            const others = sheet.bags.filter((one) => one.ingredient !== ingredient);
            set({ bags: used.bag === '' && used.batch === '' ? others : [...others, used] });
          }}
        />
      ))}
    </Row>
  );
}

interface BagProps {
  readonly name: string;
  readonly used: BagUsed;
  readonly onChange: (used: BagUsed) => void;
}

/** Who packed a flour, and the batch that is stamped on it. */
function Bag({ name, used, onChange }: BagProps) {
  return (
    <Row style={{ alignItems: 'end' }}>
      <TextEntry
        label={`${name}: bag`}
        value={used.bag}
        mayBeEmpty
        maxLength={80}
        onCommit={(bag) => onChange({ ...used, bag })}
      />
      <TextEntry
        label={`${name}: batch`}
        value={used.batch}
        mayBeEmpty
        maxLength={80}
        onCommit={(batch) => onChange({ ...used, batch })}
      />
    </Row>
  );
}
