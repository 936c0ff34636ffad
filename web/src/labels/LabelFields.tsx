import type { LabelRead } from '@omniarton/core/kitchen';
import { AVOIDANCES } from '@omniarton/core/vocabulary';
import { avoidanceWords } from '../words/guard';
import { Chip } from '../ui/Button';
import { DateEntry } from '../ui/DateEntry';
import { Row, Small, Stack } from '../ui/layout';

interface Props {
  readonly label: LabelRead | null;
  readonly onChange: (label: LabelRead | null) => void;
}

/** When a label was read, and what it neither lists nor warns of: it answers for that in every recipe. */
export function LabelFields({ label, onChange }: Props) {
  return (
    <Stack $gap={1}>
      <DateEntry
        label="Label read on"
        type="date"
        value={label?.on ?? ''}
        onCommit={(on) => onChange(on ? { on, without: label?.without ?? [] } : null)}
      />
      {label === null ? null : (
        <>
          <Small>It neither lists nor warns of</Small>
          <Row role="group" aria-label="It neither lists nor warns of">
            {AVOIDANCES.map((one) => (
              <Chip
                key={one}
                isSelected={label.without.includes(one)}
                onChange={(on) =>
                  onChange({
                    ...label,
                    without: AVOIDANCES.filter((each) => (each === one ? on : label.without.includes(each))),
                  })
                }
              >
                {avoidanceWords(one)}
              </Chip>
            ))}
          </Row>
        </>
      )}
    </Stack>
  );
}
