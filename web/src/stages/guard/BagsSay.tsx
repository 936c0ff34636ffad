import type { BagAnswer } from '@omniarton/contracts';
import { changeBag } from '../../state/kitchen/bags';
import { useCupboard } from '../../state/kitchen/useCupboard';
import { useHousehold } from '../../state/bench/onBench';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';

interface Props {
  readonly ingredient: string;
  readonly name: string;
}

/** Bags of a thing in the cupboard that aren't certified yet: what is said of one here holds in every recipe. */
export function BagsSay({ ingredient, name }: Props) {
  const household = useHousehold();
  const { bags, write, trouble, busy } = useCupboard(household);
  const silent = bags.filter(({ doc }) => doc.ingredient === ingredient && !doc.certified);
  const certify = (one: BagAnswer) => void write(changeBag(household, one, { ...one.doc, certified: true }));
  return (
    <>
      {silent.map((one) => (
        <Button
          key={one.id}
          isDisabled={busy}
          aria-label={`The bag says so, in every recipe: ${calledOf(one, name)}`}
          onPress={() => certify(one)}
        >
          The bag says so: {calledOf(one, name)}
        </Button>
      ))}
      {trouble === null ? null : (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      )}
    </>
  );
}

/** The household's own word on a bag, else what is in it. */
const calledOf = ({ doc }: BagAnswer, name: string): string => doc.note.trim() || name;
