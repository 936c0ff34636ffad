import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { Person } from '@omniarton/core/kitchen';
import { AVOIDANCES, type Avoidance, type Strictness } from '@omniarton/core/vocabulary';
import { Button, Chip } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row, Small, Stack } from '../../ui/layout';
import { TextEntry } from '../../ui/TextEntry';
import { avoidanceWords, GLUTEN_EATEN } from '../../words/guard';

/** Somebody who isn't written down yet: named and seated without leaving the recipe. Of gluten the strictest is meant until another is said. */
export function NewGuest({ onSeat }: { readonly onSeat: (person: Person) => void }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [gluten, setGluten] = useState<Strictness | 'eats'>('certified');
  const [avoids, setAvoids] = useState<readonly Avoidance[]>([]);
  const close = () => {
    setOpen(false);
    setName('');
    setGluten('certified');
    setAvoids([]);
  };
  const seat = () => {
    onSeat({
      id: newId(),
      name,
      gluten: gluten === 'eats' ? null : gluten,
      grainFree: null,
      avoids: avoids.map((what) => ({ what, how: 'label' })),
    });
    close();
  };
  if (!open)
    return (
      <Row>
        <Button onPress={() => setOpen(true)}>Somebody new …</Button>
      </Row>
    );
  return (
    <Stack as="section" $gap={3} aria-label="Somebody new">
      <TextEntry label="Name" value={name} onCommit={setName} maxLength={60} placeholder="as you call them" />
      <Choice label="Gluten" value={gluten} options={GLUTEN_EATEN} onChange={setGluten} />
      <div>
        <Small id="new-avoids">And never, with labels read</Small>
        <Row role="group" aria-labelledby="new-avoids">
          {AVOIDANCES.map((one) => (
            <Chip
              key={one}
              isSelected={avoids.includes(one)}
              onChange={(on) => setAvoids(on ? [...avoids, one] : avoids.filter((each) => each !== one))}
            >
              {avoidanceWords(one)}
            </Chip>
          ))}
        </Row>
      </div>
      <Row>
        <Button $weight="strong" onPress={seat}>
          Seat them
        </Button>
        <Button $weight="quiet" onPress={close}>
          Leave it
        </Button>
      </Row>
    </Stack>
  );
}
