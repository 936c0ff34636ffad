import { useEffect, useState } from 'react';
import type { TouchesAnswer } from '@omniarton/contracts';
import type { Person } from '@omniarton/core/kitchen';
import { failureWords } from '../api/words';
import { useAppDispatch } from '../state/state';
import { personName } from '../words/guard';
import { Button } from '../ui/Button';
import { Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { SheetOver } from '../ui/Sheet';
import { erasePerson, fetchTouches } from '../state/kitchen/erasing';

interface Props {
  readonly household: string;
  readonly person: Person;
  /** They are to avoid less; else they are to go. */
  readonly loosening: boolean;
  readonly onYes: () => void;
  readonly onErased: (backups: readonly string[]) => void;
  readonly onNo: () => void;
}

const MOST_NAMED = 12;

/** Before somebody is taken away or loosened: which recipes and dockets are guarded for them, and what becomes of those. */
export function AskPerson({ household, person, loosening, onYes, onErased, onNo }: Props) {
  const [touches, setTouches] = useState<TouchesAnswer | string | null>(null);
  useEffect(() => {
    let gone = false;
    void fetchTouches(household, person.id).then((reply) => {
      if (!gone) setTouches(reply.ok ? reply.data : failureWords(reply.failure));
    });
    return () => void (gone = true);
  }, [household, person.id]);
  const name = personName(person);
  return (
    <SheetOver
      role="alertdialog"
      title={loosening ? `${name}: avoid less from now on?` : `Take ${name} away?`}
      isOpen
      onClose={onNo}
    >
      <Stack $gap={4}>
        <Touched touches={touches} />
        <Row>
          <Button $weight="strong" autoFocus onPress={onYes}>
            {loosening ? 'Avoid less in the list' : 'Take away, into the bin'}
          </Button>
          <Button onPress={onNo}>Leave it as it is</Button>
        </Row>
        {loosening ? null : <Erase household={household} person={person} onErased={onErased} />}
      </Stack>
    </SheetOver>
  );
}

function Touched({ touches }: { readonly touches: TouchesAnswer | string | null }) {
  if (touches === null) return <p role="status">Looking which recipes are guarded for them …</p>;
  if (typeof touches === 'string')
    return <Notice tone="danger">Which recipes are guarded for them can’t be told: {touches}</Notice>;
  const { recipes } = touches;
  if (recipes.length === 0) return <p>No recipe and no kept docket is guarded for them.</p>;
  const named = recipes.slice(0, MOST_NAMED).map(touchedWords);
  const more = recipes.length - named.length;
  return (
    <>
      <p>
        Guarded for them: {named.join(', ')}
        {more > 0 ? ` and ${more} more` : ''}.
      </p>
      <Small>
        They stay guarded as they are, until somebody loosens it on that recipe, on its Guard page.
      </Small>
    </>
  );
}

/** "Quay loaf", "Quay loaf (2 kept dockets)", "2 kept dockets of Quay loaf". */
function touchedWords({ title, seated, dockets }: TouchesAnswer['recipes'][number]): string {
  const name = title || 'Untitled';
  const kept = `${dockets} kept ${dockets === 1 ? 'docket' : 'dockets'}`;
  if (dockets === 0) return name;
  return seated ? `${name} (${kept})` : `${kept} of ${name}`;
}

/** Now and everywhere, which can't be undone: said twice. */
function Erase({ household, person, onErased }: Pick<Props, 'household' | 'person' | 'onErased'>) {
  const dispatch = useAppDispatch();
  const [sure, setSure] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const erase = async () => {
    const reply = await dispatch(erasePerson(household, person.id));
    if (reply.ok) onErased(reply.data.backups);
    else setTrouble(failureWords(reply.failure));
  };
  if (!sure)
    return (
      <Row>
        <Button $weight="quiet" onPress={() => setSure(true)}>
          Erase their name and id everywhere instead …
        </Button>
      </Row>
    );
  return (
    <Stack $gap={2}>
      <Small>
        Name and id go from this list, every recipe and every kept docket, now and for good. What they avoided
        stays there as somebody’s. Backups that were made before still hold them.
      </Small>
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      <Row>
        <Button $weight="danger" onPress={() => void erase()}>
          Erase {personName(person)} everywhere
        </Button>
      </Row>
    </Stack>
  );
}
