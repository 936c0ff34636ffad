import { act, screen, within } from '@testing-library/react';
import { openStage, settled } from '../../testing/page';
import { CAKE, GLUTEN_FREE } from '../../testing/recipes';
import { fakeServer, RECIPE } from '../../testing/server';

const shifts = () => [...document.querySelectorAll<HTMLElement>('[data-shift]')];

describe('Balance', () => {
  it('says each change with its because, and shows where a rule comes from on Enter', async () => {
    const { user } = await openStage('balance', fakeServer(CAKE));
    expect(shifts().length).toBeGreaterThan(3);
    for (const one of shifts()) expect(one).toHaveTextContent(/→.*because \S/);
    act(() => shifts()[0]!.focus());
    await user.keyboard('{Enter}');
    expect(shifts()[0]).toHaveAttribute('aria-expanded', 'true');
    expect(shifts()[0]).toHaveTextContent(/common practice/);
    await user.keyboard('{ArrowDown}');
    expect(shifts()[1]).toHaveFocus();
  });
  it('keeps a shift that was taken with the recipe', async () => {
    const server = fakeServer(CAKE);
    const { user } = await openStage('balance', server);
    act(() => shifts()[0]!.focus());
    await user.keyboard('a');
    await settled();
    expect(shifts()[0]).toHaveAttribute('data-taken');
    const { doc } = server.recipes.get(RECIPE)! as { doc: { taken?: string[] } };
    expect(JSON.stringify(doc)).toContain('replace-flour');
  });
  it('leans the liquid by hand, says so, and puts it back', async () => {
    const { user, docket } = await openStage('balance', fakeServer(CAKE));
    const before = docket().textContent;
    const liquid = screen.getByRole('slider', { name: 'Liquid' });
    act(() => liquid.focus());
    await user.keyboard('{ArrowRight}{ArrowRight}');
    await settled();
    expect(screen.getByText(/^\+\d+ %$/)).toBeVisible();
    expect(docket().textContent).not.toBe(before);
    await user.keyboard('{Control>}z{/Control}{Control>}z{/Control}');
    await settled();
    expect(docket().textContent).toBe(before);
  });
  it('changes what binds by one press, and the docket with it', async () => {
    const { user, docket } = await openStage('balance', fakeServer(CAKE));
    expect(within(docket()).getAllByText(/xanthan gum/).length).toBeGreaterThan(0);
    await user.click(screen.getByText('husk', { exact: true }));
    await settled();
    const lines = within(docket()).getAllByRole('listitem');
    expect(lines.some((one) => /psyllium husk/.test(one.textContent))).toBe(true);
    expect(docket()).toHaveTextContent(/xanthan gum gone/);
  });
  it('gives what is missing at the bowl a spoon at a time', async () => {
    const { user } = await openStage('balance', fakeServer(CAKE));
    await user.click(screen.getByRole('button', { name: 'Too stiff' }));
    expect(await screen.findByText(/^Stir in .* so far/)).toBeVisible();
  });
  it('holds a recipe without gluten against what works instead of converting it', async () => {
    await openStage('balance', fakeServer(GLUTEN_FREE));
    expect(await screen.findByRole('heading', { name: /^As it stands, for a muffin/ })).toBeVisible();
    expect(shifts()).toEqual([]);
  });
  it('says what it needs before there is a recipe', async () => {
    const { area } = await openStage('balance', fakeServer(''));
    expect(area()).toHaveTextContent(/there must be a recipe: paste it under Read/);
  });
});
