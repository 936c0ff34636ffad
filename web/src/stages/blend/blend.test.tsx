import { screen, within } from '@testing-library/react';
import { openStage, settled } from '../../testing/page';
import { CAKE } from '../../testing/recipes';
import { fakeServer } from '../../testing/server';

describe('Blend', () => {
  it('shows each flour with its share, and the docket weighs them', async () => {
    const { docket } = await openStage('blend', fakeServer(CAKE));
    const shares = screen.getAllByLabelText<HTMLInputElement>(/^Share of /);
    expect(shares.length).toBeGreaterThan(2);
    expect(shares.reduce((sum, { value }) => sum + Number(value), 0)).toBeCloseTo(100, 0);
    for (const one of shares) {
      const name = one.getAttribute('aria-label') ?? one.labels?.[0]?.textContent ?? '';
      expect(docket()).toHaveTextContent(name.replace('Share of ', ''));
    }
  });
  it('holds a share that is given by hand: the others give way', async () => {
    const { user } = await openStage('blend', fakeServer(CAKE));
    const [first] = screen.getAllByLabelText<HTMLInputElement>(/^Share of /);
    await user.clear(first!);
    await user.type(first!, '30{Enter}');
    await settled();
    const shares = screen.getAllByLabelText<HTMLInputElement>(/^Share of /);
    expect(shares.map(({ value }) => Number(value))).toContain(30);
    expect(shares.reduce((sum, { value }) => sum + Number(value), 0)).toBeCloseTo(100, 0);
    expect(screen.getByRole('button', { name: 'Let the engine choose again' })).toBeVisible();
  });
  it('leaves a flour out and lets it in again', async () => {
    const { user, docket } = await openStage('blend', fakeServer(CAKE));
    await user.click(screen.getByRole('button', { name: 'Leave potato starch out' }));
    await settled();
    expect(within(docket()).queryByText('potato starch')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Allow potato starch again' }));
    await settled();
    expect(within(docket()).getAllByText('potato starch').length).toBeGreaterThan(0);
  });
  it('is moved by a wish, and says what it gives up', async () => {
    const { user, docket } = await openStage('blend', fakeServer(CAKE));
    const before = docket().textContent;
    await user.click(screen.getByRole('button', { name: 'crisp' }));
    await settled();
    expect(docket().textContent).not.toBe(before);
    expect(screen.getByRole('button', { name: 'crisp' })).toHaveAttribute('aria-pressed', 'true');
  });
  it('shows the schools side by side, each with what it does worse', async () => {
    const { area } = await openStage('blend', fakeServer(CAKE));
    const articles = await within(area()).findAllByRole('article');
    expect(articles.length).toBeGreaterThan(0);
    for (const one of articles) expect(one).toHaveTextContent(/Because .*What it does worse: \S/);
  });
});
