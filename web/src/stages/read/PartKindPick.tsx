import type { PartFamily } from '@omniarton/core/process';
import { PART_KINDS, PART_NAMES, type PartKind } from '@omniarton/core/vocabulary';
import { useEdit } from '../../state/bench/onBench';
import { Pick } from '../../ui/Pick';

const AS_READ = 'as-read';
const KINDS = PART_KINDS.map((id) => ({ id, name: PART_NAMES[id] }));

interface Props {
  readonly part: string;
  readonly family: PartFamily;
}

/** What kind a part of the bake is, as a person has it. */
export function PartKindPick({ part, family }: Props) {
  const edit = useEdit();
  const said = family.because === 'said';
  return (
    <Pick<PartKind | typeof AS_READ>
      label="It is"
      value={said ? family.id : AS_READ}
      options={[
        { id: AS_READ, name: said ? 'As it was read' : `As read: ${PART_NAMES[family.id]}` },
        ...KINDS,
      ]}
      onChange={(id) =>
        edit(
          id === AS_READ
            ? { kind: 'correction', correction: { line: part }, without: ['family'] }
            : { kind: 'correction', correction: { line: part, family: id } },
        )
      }
    />
  );
}
