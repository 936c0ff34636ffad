import { styled } from 'styled-components';
import { toJsonLd, toMarkdown, type Docket } from '@omniarton/core/docket';
import { Button } from '../ui/Button';
import { fileName, saveFile } from './saveFile';

/** Out of the house: on paper, as Markdown, as linked data. */
export function DocketActions({ docket }: { readonly docket: Docket }) {
  const name = fileName(docket.title);
  return (
    <Bar>
      <Button onPress={() => window.print()}>Print</Button>
      <Button
        onPress={() =>
          saveFile(`${name}.jsonld`, 'application/ld+json', JSON.stringify(toJsonLd(docket), null, 2))
        }
      >
        JSON-LD
      </Button>
      <Button onPress={() => saveFile(`${name}.md`, 'text/markdown', toMarkdown(docket))}>Markdown</Button>
    </Bar>
  );
}

const Bar = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: ${({ theme }) => theme.space(2)};
  margin-top: ${({ theme }) => theme.space(4)};
  @media print {
    display: none;
  }
`;
