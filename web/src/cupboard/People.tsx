import { v7 as newId } from 'uuid';
import type { Avoided, KitchenDocument, Person } from '@omniarton/core/kitchen';
import { AVOIDANCES, type Avoidance, type Strictness } from '@omniarton/core/vocabulary';
import { Toggle } from '../settings/SettingsPage';
import { avoidanceWords, personName } from '../stages/guard/words';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Pick } from '../ui/Pick';
import { TextEntry } from '../ui/TextEntry';
import { CycleChip } from './CycleChip';
import type { KitchenChange } from './kitchens';
import { Entry, Section } from './Section';

const GLUTEN: readonly { readonly id: Strictness | 'eats'; readonly name: string }[] = [
  { id: 'eats', name: 'eats gluten' },
  { id: 'certified', name: 'certified goods only, and nothing with traces' },
  { id: 'label', name: 'none, labels read' },
  { id: 'preference', name: 'none, by preference' },
];
const HOW = [
  { id: 'not', words: 'eats it' },
  { id: 'label', words: 'never: labels read' },
  { id: 'preference', words: 'by preference' },
] as const;

const NOBODY: Omit<Person, 'id'> = { name: '', gluten: null, grainFree: null, avoids: [] };

interface Props {
  readonly people: KitchenDocument['people'];
  readonly change: (how: KitchenChange) => void;
}

/** Who eats here: written down once, and seated at the table of each bake. */
export function People({ people, change }: Props) {
  const set = (id: string, part: Partial<Person>) =>
    change((doc) => ({
      ...doc,
      people: doc.people.map((one) => (one.id === id ? { ...one, ...part } : one)),
    }));
  return (
    <Section
      id="people"
      name="Who eats here"
      about="A name may stay empty. Strict avoidances ask about every label; preferences don’t. This is a kitchen’s list and no medical record: ask the clinician about anything uncertain."
    >
      {people.map((person) => (
        <OnePerson
          key={person.id}
          person={person}
          onChange={(part) => set(person.id, part)}
          onRemove={() =>
            change((doc) => ({ ...doc, people: doc.people.filter(({ id }) => id !== person.id) }))
          }
        />
      ))}
      <Row>
        <Button
          onPress={() => change((doc) => ({ ...doc, people: [...doc.people, { ...NOBODY, id: newId() }] }))}
        >
          Somebody else
        </Button>
      </Row>
    </Section>
  );
}

interface OneProps {
  readonly person: Person;
  readonly onChange: (part: Partial<Person>) => void;
  readonly onRemove: () => void;
}

function OnePerson({ person, onChange, onRemove }: OneProps) {
  const { name, gluten, grainFree, avoids } = person;
  return (
    <Entry name={personName(person)} onRemove={onRemove}>
      <Row $gap={4} style={{ alignItems: 'end' }}>
        <TextEntry
          label="Name, if you like"
          value={name}
          mayBeEmpty
          maxLength={80}
          onCommit={(next) => onChange({ name: next })}
        />
        <Pick<Strictness | 'eats'>
          label="Gluten"
          value={gluten ?? 'eats'}
          options={GLUTEN}
          onChange={(next) => onChange({ gluten: next === 'eats' ? null : next })}
        />
        <Toggle
          isSelected={grainFree !== null}
          onChange={(on) => onChange({ grainFree: on ? { pseudocereals: false, derived: false } : null })}
        >
          <span className="track" aria-hidden="true" /> No grain at all
        </Toggle>
      </Row>
      {grainFree ? (
        <Row $gap={4}>
          <Toggle
            isSelected={grainFree.pseudocereals}
            onChange={(on) => onChange({ grainFree: { ...grainFree, pseudocereals: on } })}
          >
            <span className="track" aria-hidden="true" /> but buckwheat, quinoa, amaranth
          </Toggle>
          <Toggle
            isSelected={grainFree.derived}
            onChange={(on) => onChange({ grainFree: { ...grainFree, derived: on } })}
          >
            <span className="track" aria-hidden="true" /> and powders from corn
          </Toggle>
        </Row>
      ) : null}
      <Avoids avoids={avoids} onChange={(next) => onChange({ avoids: next })} />
    </Entry>
  );
}

interface AvoidsProps {
  readonly avoids: readonly Avoided[];
  readonly onChange: (avoids: readonly Avoided[]) => void;
}

function Avoids({ avoids, onChange }: AvoidsProps) {
  const howOf = (what: Avoidance) => avoids.find((one) => one.what === what)?.how ?? 'not';
  const avoid = (what: Avoidance, how: Avoided['how'] | 'not') =>
    onChange([...avoids.filter((one) => one.what !== what), ...(how === 'not' ? [] : [{ what, how }])]);
  return (
    <Stack $gap={1}>
      <Small>Avoids: once for never, twice for by preference</Small>
      <Row>
        {AVOIDANCES.map((what) => (
          <CycleChip
            key={what}
            name={avoidanceWords(what)}
            states={HOW}
            value={howOf(what)}
            onChange={(how) => avoid(what, how)}
          />
        ))}
      </Row>
    </Stack>
  );
}
