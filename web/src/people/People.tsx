import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { coveredBy, type Avoided, type KitchenDocument, type Person } from '@omniarton/core/kitchen';
import { AVOIDANCES, type Avoidance, type Strictness } from '@omniarton/core/vocabulary';
import { Toggle } from '../ui/Toggle';
import { avoidanceWords, GLUTEN_EATEN, personName } from '../words/guard';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Pick } from '../ui/Pick';
import { today } from '../words/say';
import { TextEntry } from '../ui/TextEntry';
import { AskPerson } from './AskPerson';
import { CycleChip } from '../ui/CycleChip';
import { fetchTouches } from '../state/kitchen/erasing';
import { broughtBack } from '../state/kitchen/bin';
import type { KitchenChange } from '../state/kitchen/kitchens';
import { Entry, Section } from '../ui/Section';

const HOW = [
  { id: 'not', words: 'eats it' },
  { id: 'label', words: 'never: labels read' },
  { id: 'preference', words: 'by preference' },
] as const;

const NOBODY: Omit<Person, 'id'> = { name: '', gluten: null, grainFree: null, avoids: [] };

interface Props {
  readonly household: string;
  readonly people: KitchenDocument['people'];
  readonly change: (how: KitchenChange) => void;
}

/** Changing and taking away: less is asked about where a recipe is guarded for them. */
function usePeople(household: string, change: Props['change']) {
  const [asked, setAsked] = useState<{ readonly person: Person; readonly next: Person | null } | null>(null);
  const [gone, setGone] = useState<Person | null>(null);
  /** Backups that still hold somebody who was just erased; null: nobody was. */
  const [still, setStill] = useState<readonly string[] | null>(null);
  const put = (next: Person) =>
    change((doc) => ({ ...doc, people: doc.people.map((one) => (one.id === next.id ? next : one)) }));
  const away = (person: Person) => {
    change((doc) => ({
      ...doc,
      people: doc.people.filter(({ id }) => id !== person.id),
      bin: [{ person, on: today() }, ...doc.bin.filter((one) => one.person.id !== person.id)],
    }));
    setGone(person);
  };
  /** Who comes to avoid more does so at once; less is asked about where a recipe is guarded for them. */
  const set = async (person: Person, part: Partial<Person>) => {
    const next = { ...person, ...part };
    if (coveredBy(person, next)) return put(next);
    const touches = await fetchTouches(household, person.id);
    if (touches.ok && touches.data.recipes.length === 0) return put(next);
    setAsked({ person, next });
  };
  const settle = () => {
    if (asked?.next) put(asked.next);
    else if (asked) away(asked.person);
    setAsked(null);
  };
  const bringBack = (person: Person) => {
    change(broughtBack(person));
    setGone(null);
  };
  const erased = (backups: readonly string[]) => {
    setAsked(null);
    setStill(backups);
  };
  return { asked, gone, still, set, settle, ask: setAsked, bringBack, erased };
}

/** Who eats here: written down once, and seated at the table of each bake. */
export function People({ household, people, change }: Props) {
  const { asked, gone, still, set, settle, ask, bringBack, erased } = usePeople(household, change);
  return (
    <Section
      id="people"
      name="Who eats here"
      about="A name may stay empty. Strict avoidances ask about every label; preferences don’t. This is a kitchen’s list and no medical record: ask the clinician about anything uncertain."
    >
      {gone ? (
        <Notice>
          <Row>
            <span>{personName(gone)} is taken away, and lies in the bin for thirty days.</span>
            <Button onPress={() => bringBack(gone)}>Bring back</Button>
          </Row>
        </Notice>
      ) : null}
      {still ? (
        <Notice>
          Erased here, in every recipe and every kept docket.
          {still.length > 0
            ? ` These backups were made before and still hold them, until you delete them: ${still.join(', ')}.`
            : ''}
        </Notice>
      ) : null}
      {asked ? (
        <AskPerson
          household={household}
          person={asked.person}
          loosening={asked.next !== null}
          onYes={settle}
          onErased={erased}
          onNo={() => ask(null)}
        />
      ) : null}
      {people.map((person) => (
        <OnePerson
          key={person.id}
          person={person}
          onChange={(part) => void set(person, part)}
          onRemove={() => ask({ person, next: null })}
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
    <Entry name={personName(person)} onRemove={onRemove} asks>
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
          options={GLUTEN_EATEN}
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
