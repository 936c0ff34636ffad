import type { ReactNode } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import { styled } from 'styled-components';
import { Button } from './Button';

interface Props {
  readonly title: string;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly role?: 'dialog' | 'alertdialog';
}

/** A sheet laid over the page until it is settled or put away. */
export function SheetOver({ title, isOpen, onClose, children, role = 'dialog' }: Props) {
  return (
    <Shade isOpen={isOpen} onOpenChange={(open) => (open ? undefined : onClose())} isDismissable>
      <Modal>
        <Paper role={role}>
          <header>
            <Heading slot="title">{title}</Heading>
            <Button $weight="quiet" onPress={onClose} aria-label="Close">
              ✕
            </Button>
          </header>
          {children}
        </Paper>
      </Modal>
    </Shade>
  );
}

const Shade = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  display: grid;
  place-items: center;
  padding: ${({ theme }) => theme.space(3)};
  background: rgb(20 17 12 / 0.55);
`;
const Paper = styled(Dialog)`
  display: grid;
  gap: ${({ theme }) => theme.space(4)};
  width: min(46rem, calc(100vw - 24px));
  max-height: calc(100vh - 32px);
  overflow: auto;
  padding: ${({ theme }) => theme.space(5)};
  background: ${({ theme }) => theme.colour.paper};
  border-top: 6px solid ${({ theme }) => theme.colour.ink};
  outline: none;
  > header {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  > header h2 {
    font: 600 1.4rem/1.2 ${({ theme }) => theme.font.written};
  }
`;
