import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { cupboardPath, floursPath } from '../base/paths';
import { Wordmark } from '../ui/Wordmark';
import { PageFloor, Row } from '../ui/layout';

interface Props {
  readonly household: string;
  readonly title: string;
  readonly busy: boolean;
  readonly children: ReactNode;
}

/** The frame of the pages about flours and jars. */
export const FloursFrame = ({ household, title, busy, children }: Props) => (
  <Page data-busy={busy || undefined}>
    <title>{`${title} · Omniarton`}</title>
    <Ways>
      <Wordmark />
      <Row $gap={5}>
        <Link to={floursPath(household)}>All flours</Link>
        <Link to={cupboardPath(household)}>The cupboard</Link>
      </Row>
    </Ways>
    <h1>{title}</h1>
    {children}
  </Page>
);

const Page = styled(PageFloor)`
  gap: ${({ theme }) => theme.space(6)};
  align-content: start;
  max-width: 72rem;
  h1 {
    font: 600 2.1rem/1.1 ${({ theme }) => theme.font.written};
  }
`;
const Ways = styled.header`
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: ${({ theme }) => theme.space(3)};
  a {
    display: inline-flex;
    align-items: center;
    min-height: ${({ theme }) => theme.touch};
    color: ${({ theme }) => theme.colour.act};
  }
  @media print {
    display: none;
  }
`;
