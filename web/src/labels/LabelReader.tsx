import { useState } from 'react';
import { TextArea } from 'react-aria-components';
import { styled } from 'styled-components';
import type { LabelReport } from '@omniarton/core/guard';
import { reasonWords } from '@omniarton/core/words';
import { askQuick } from '../state/engine/engine';
import { Button } from '../ui/Button';
import { Caption } from '../ui/Choice';
import { Heading, Row, Small, Stack } from '../ui/layout';
import { Notice } from '../ui/Notice';
import { Written } from '../ui/Written';
import { avoidanceWords, glutenWords } from '../words/guard';

/** A packet's ingredient statement, pasted: what is in it, bracket by bracket, and what it warns of. */
export function LabelReader({ onReport }: { readonly onReport?: (report: LabelReport) => void }) {
  const [text, setText] = useState('');
  const [report, setReport] = useState<LabelReport | null>(null);
  const [failed, setFailed] = useState(false);
  const read = () =>
    askQuick((engine) => engine.label(text)).then(
      (found) => {
        setReport(found);
        setFailed(false);
        onReport?.(found);
      },
      () => setFailed(true),
    );
  return (
    <Stack as="section" $gap={2} aria-labelledby="label-reader">
      <Heading id="label-reader">Read a label</Heading>
      <Written value={text} onChange={setText}>
        <Caption>The ingredients as the packet has them, with its warnings</Caption>
        <TextArea
          rows={3}
          maxLength={6000}
          placeholder="Sugar, enriched flour (wheat flour, …), may contain …"
        />
      </Written>
      <Row>
        <Button isDisabled={text.trim() === ''} onPress={() => void read()}>
          Read it
        </Button>
      </Row>
      {failed ? <Notice tone="danger">It could not be read. Try once more.</Notice> : null}
      {report ? <Report report={report} /> : null}
    </Stack>
  );
}

function Report({ report }: { readonly report: LabelReport }) {
  const { gluten, allergens, mayContain, glutenWarning, claimsFree, cut, entries } = report;
  return (
    <Found role="status">
      <p>
        <strong data-class={gluten}>{glutenWords(gluten)}</strong>
        {allergens.length > 0 ? ` · holds ${allergens.map(avoidanceWords).join(', ')}` : ''}
        {mayContain.length > 0 ? ` · may hold ${mayContain.map(avoidanceWords).join(', ')}` : ''}
        {glutenWarning ? ' · it warns of gluten' : ''}
      </p>
      {cut ? <Small>It breaks off: the rest of the label may say more.</Small> : null}
      {claimsFree ? (
        <Small>
          It claims to be gluten-free. That is for its maker to say, and gluten-free is not wheat-free.
        </Small>
      ) : null}
      <ul>
        {entries.map(({ words, depth, gluten: own, allergens: held, reason }, at) => (
          <li key={at} style={{ paddingLeft: depth * 18 }} data-class={own}>
            {words}
            {own === 'free' && held.length === 0 ? null : (
              <Small as="span">
                {' '}
                {[...(own === 'free' ? [] : [glutenWords(own)]), ...held.map(avoidanceWords)].join(', ')}
                {reason ? ` (${reasonWords(reason)})` : ''}
              </Small>
            )}
          </li>
        ))}
      </ul>
    </Found>
  );
}

const Found = styled.div`
  display: grid;
  gap: ${({ theme }) => theme.space(1)};
  [data-class='contains'],
  [data-class='unknown'] {
    color: ${({ theme }) => theme.colour.danger};
    font-weight: 600;
  }
  [data-class='check-label'] {
    color: ${({ theme }) => theme.colour.ask};
    font-weight: 600;
  }
`;
