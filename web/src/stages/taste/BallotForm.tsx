import { styled } from 'styled-components';
import type { Answer, BlindTray, TasteTest } from '@omniarton/core/taste';
import { Button } from '../../ui/Button';
import { Heading, Row, Small, Stack } from '../../ui/layout';
import { Notice } from '../../ui/Notice';
import { TextEntry } from '../../ui/TextEntry';
import { answerOf, asksOf, NOTHING, useKeptBallot, type Given } from './given';

interface Props {
  readonly test: TasteTest;
  readonly about: string;
  readonly tray: BlindTray;
  readonly name: string;
  readonly trouble: string | null;
  /** Whether it was taken. */
  readonly onHandIn: (answer: Answer, words: string) => boolean;
  readonly onLeave: () => void;
}

const LIKING = [1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const RIGHT = [1, 2, 3, 4, 5] as const;
const RIGHT_WORDS = ['much too little', 'too little', 'just right', 'too much', 'much too much'] as const;

/** One taster's ballot: for one hand and one thumb, and nobody else's answer in sight. */
export function BallotForm({ test, about, tray, name, trouble, onHandIn, onLeave }: Props) {
  const [given, setGiven] = useKeptBallot(`${tray.taster}.${tray.round}.${tray.cups.at(-1)!.code}`);
  const codes = tray.cups.filter(({ reference }) => !reference).map(({ code }) => code);
  const answer = answerOf(test, given, codes);
  const hand = () => {
    // What is refused stays as it was filled in.
    if (answer && onHandIn(answer, given.words)) setGiven(NOTHING);
  };
  return (
    <Stack as="section" aria-labelledby="ballot" $gap={5}>
      <Heading id="ballot">{name}, your ballot</Heading>
      <p>{asksOf(test, about)}</p>
      {tray.cups.some(({ reference }) => reference) ? <p>Taste the one marked “reference” first.</p> : null}
      <Fields test={test} codes={codes} given={given} onChange={setGiven} />
      <TextEntry
        label="In your own words"
        value={given.words}
        mayBeEmpty
        wide
        maxLength={1000}
        onCommit={(words) => setGiven({ ...given, words })}
      />
      {trouble ? (
        <Notice tone="danger" loud>
          {trouble}
        </Notice>
      ) : null}
      <Row>
        <Thumb $weight="strong" isDisabled={!answer} onPress={hand}>
          Hand it in
        </Thumb>
        <Thumb onPress={onLeave}>Not now</Thumb>
      </Row>
      <Small>Once it is handed in it is sealed. Water between the cups.</Small>
    </Stack>
  );
}

interface FieldsProps {
  readonly test: TasteTest;
  readonly codes: readonly string[];
  readonly given: Given;
  readonly onChange: (given: Given) => void;
}

function Fields({ test, codes, given, onChange }: FieldsProps) {
  const mark = (of: 'marks' | 'liking', code: string, value: number) =>
    onChange({ ...given, [of]: { ...given[of], [code]: value } });
  switch (test) {
    case 'triangle':
    case 'duo-trio':
      return <PickOne codes={codes} given={given} onChange={onChange} />;
    case 'paired':
      return <PickOne codes={codes} given={given} onChange={onChange} undecided />;
    case 'liking':
      return (
        <Marked
          codes={codes}
          of={LIKING}
          marks={given.marks}
          onMark={(code, value) => mark('marks', code, value)}
        />
      );
    case 'just-right':
      return (
        <>
          <Marked
            codes={codes}
            of={RIGHT}
            words={RIGHT_WORDS}
            marks={given.marks}
            onMark={(code, value) => mark('marks', code, value)}
          />
          <p>And how much do you like it, from 1 to 9?</p>
          <Marked
            codes={codes}
            of={LIKING}
            marks={given.liking}
            onMark={(code, value) => mark('liking', code, value)}
          />
        </>
      );
    case 'ranking':
      return (
        <Marked
          codes={codes}
          of={codes.map((_, at) => at + 1)}
          marks={given.marks}
          onMark={(code, value) => mark('marks', code, value)}
        />
      );
  }
}

function PickOne({
  codes,
  given,
  onChange,
  undecided = false,
}: Omit<FieldsProps, 'test'> & { readonly undecided?: boolean }) {
  return (
    <Row role="group" aria-label="Your choice">
      {codes.map((code) => (
        <Code
          key={code}
          aria-pressed={given.code === code}
          $weight={given.code === code ? 'strong' : 'plain'}
          onPress={() => onChange({ ...given, code })}
        >
          {code}
        </Code>
      ))}
      {undecided ? (
        <Code
          aria-pressed={given.code === ''}
          $weight={given.code === '' ? 'strong' : 'plain'}
          onPress={() => onChange({ ...given, code: '' })}
        >
          can’t tell
        </Code>
      ) : null}
    </Row>
  );
}

interface MarkedProps {
  readonly codes: readonly string[];
  readonly of: readonly number[];
  readonly words?: readonly string[];
  readonly marks: Given['marks'];
  readonly onMark: (code: string, value: number) => void;
}

function Marked({ codes, of, words, marks, onMark }: MarkedProps) {
  return (
    <Stack $gap={4}>
      {codes.map((code) => (
        <div key={code} role="group" aria-label={code}>
          <Big>{code}</Big>
          <Scale $many={of.length}>
            {of.map((value, at) => (
              <Thumb
                key={value}
                aria-pressed={marks[code] === value}
                $weight={marks[code] === value ? 'strong' : 'plain'}
                onPress={() => onMark(code, value)}
              >
                {words?.[at] ?? value}
              </Thumb>
            ))}
          </Scale>
        </div>
      ))}
    </Stack>
  );
}

const Thumb = styled(Button)`
  min-height: 56px;
  white-space: normal;
`;
const Code = styled(Thumb)`
  font-size: 1.6rem;
  font-variant-numeric: tabular-nums;
  padding: 0 ${({ theme }) => theme.space(6)};
`;
const Big = styled.b`
  font-size: 1.5rem;
  font-variant-numeric: tabular-nums;
`;
const Scale = styled.div<{ $many: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $many }) => $many}, minmax(0, 1fr));
  gap: ${({ theme }) => theme.space(1)};
  max-width: 40rem;
  > button {
    min-width: 0;
    padding: 0 ${({ theme }) => theme.space(1)};
  }
`;
