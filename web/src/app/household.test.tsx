import { screen, waitFor } from '@testing-library/react';
import type { TraysAnswer } from '@omniarton/contracts';
import { ballotsPath } from '../base/paths';
import { openPage } from '../testing/page';
import { CAKE } from '../testing/recipes';
import { fakeServer, HOUSEHOLD } from '../testing/server';

const TRAY: TraysAnswer = {
  recipe: 'r',
  tasting: 't',
  test: 'liking',
  about: '',
  rounds: 1,
  trays: [
    {
      taster: 'orla',
      round: 1,
      name: 'Orla',
      cups: [
        { code: '417', reference: false },
        { code: '902', reference: false },
      ],
    },
  ],
};

describe('a helper', () => {
  it('finds the day and the dockets, and nothing that changes a recipe', async () => {
    const server = fakeServer(
      CAKE,
      {},
      { asRead: { title: 'Layer cake', family: 'creamed-cake', batchGrams: 900 } },
    );
    server.role = 'helper';
    openPage('/', server);
    expect(await screen.findByRole('link', { name: 'What is to do now' })).toBeVisible();
    expect(await screen.findByRole('link', { name: 'Layer cake' })).toHaveAttribute(
      'href',
      expect.stringMatching(/booklet/),
    );
    expect(screen.queryByRole('link', { name: 'Weigh up a recipe' })).toBeNull();
  });
});

describe('a taster', () => {
  it('hands a ballot in by its codes, once', async () => {
    const server = fakeServer();
    server.trays = [TRAY];
    const { user } = openPage(ballotsPath(HOUSEHOLD), server);
    await user.click(await screen.findByRole('button', { name: 'Orla' }));
    for (const code of ['417', '902']) {
      const marks = screen.getByRole('group', { name: code });
      await user.click(marks.querySelectorAll('button')[6]!);
    }
    await user.click(screen.getByRole('button', { name: 'Hand it in' }));
    await waitFor(() =>
      expect(server.handed).toMatchObject([
        { ballot: { taster: 'orla', answer: { kind: 'liking', marks: { 417: 7, 902: 7 } } } },
      ]),
    );
    expect(await screen.findByText(/Nothing is tasted just now/)).toBeVisible();
  });
});

describe('a device that isn’t in', () => {
  it('is told so, keeps what was typed, and is led to where it gets in', async () => {
    const server = fakeServer(CAKE);
    server.signedOut = true;
    const { user } = openPage('/', server);
    await user.click(await screen.findByRole('link', { name: 'Let it in' }));
    expect(await screen.findByRole('heading', { name: 'Let this device in' })).toBeVisible();
  });
});
