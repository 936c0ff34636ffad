import { familyRead } from '../testing';
import type { FamilyId } from '../vocabulary';

describe('what kind of bake it is', () => {
  it.each<[FamilyId, string]>([
    [
      'drop-cookie',
      'Oat cookies\n200 g plain flour\n120 g butter\n170 g brown sugar\n1 egg\nMethod\nDrop by spoonfuls and bake.',
    ],
    [
      'creamed-cake',
      'Birthday cake\n250 g plain flour\n180 g butter\n220 g sugar\n3 eggs\n150 ml milk\nMethod\nCream the butter and sugar.',
    ],
    ['muffin', 'Berry muffins\n250 g plain flour\n100 g sugar\n1 egg\n250 ml milk\n80 ml oil'],
    ['brownie', 'Brownies\n200 g butter\n200 g dark chocolate\n4 eggs\n300 g sugar\n110 g plain flour'],
    ['pastry', 'Pie crust\n250 g plain flour\n150 g cold butter\n60 ml iced water'],
    ['yeast-dough', 'Soft knots\n500 g bread flour\n7 g dried yeast\n300 ml milk\n60 g butter\n60 g sugar'],
    ['pancake', 'Pancakes\n150 g plain flour\n2 eggs\n300 ml milk'],
    ['scone', 'Scones\n225 g self-raising flour\n55 g butter\n25 g sugar\n150 ml milk'],
  ])('%s', (id, text) => expect(familyRead(text).id).toBe(id));
  it('is less sure of a bare list than of one with its words', () => {
    const list = '250 g plain flour\n120 g butter\n150 g sugar\n2 eggs\n100 ml milk';
    expect(familyRead(`Layer cake\n${list}\nMethod\nCream the butter and sugar.`).confidence).toBeGreaterThan(
      familyRead(list).confidence,
    );
  });
  it('is no steamed pudding, mug cake or doughnut unless the words say so', () => {
    const lines = '170 g flour\n57 g butter\n113 g sugar\n2 eggs\n600 g plums\n60 ml milk';
    const guess = (title: string) => familyRead(`${title}\n${lines}`).id;
    expect(guess('Plum slice')).toBe('creamed-cake');
    expect(guess('Steamed plum pudding')).toBe('steamed-pudding');
  });
  it('is told by the part with the most flour: a slice under a streusel is no crumble', () => {
    const { id } = familyRead(
      'Plum streusel slice\n\nFor the base\n225g self raising flour\n115g butter\n75g caster sugar\n1 egg\n3 tbsp milk\n\nFor the streusel\n100g plain flour\n75g butter\n60g demerara\n\n500g plums\n\nMethod\nRub the butter into the flour, stir in sugar, egg and milk to a soft dough, press into a tin. Lay the plums over. Rub the streusel, scatter over. Bake at 190C for 40 minutes.',
    );
    expect(id).not.toBe('crumble');
  });
  it('is pastry where its dough is bought', () =>
    expect(
      familyRead(
        'Cream horns\n1 x 500 g block puff pastry\n1 egg, beaten\n300 ml double cream\n\nMethod\nRoll, wind round the moulds. Bake at 200C for 15 minutes. Fill.',
      ).id,
    ).toBe('pastry'));
});
