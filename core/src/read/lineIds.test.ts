import { addedTo, isOfBlend, ofBlend, ofItem, sourceOf, standsFor } from '.';

describe('the id of a line', () => {
  it.each([0, 1, 3])('of its thing %i comes apart as it was made, whatever a swap hangs on it', (at) => {
    const item = ofItem('0195a0c0-7', at);
    for (const id of [item, ofBlend(item, 'teff-flour'), addedTo(item, 'water')]) {
      expect(sourceOf(id)).toEqual({ line: '0195a0c0-7', at });
      expect(standsFor(id)).toBe(item);
    }
  });
  it('tells a flour of the blend from what is added', () => {
    expect(isOfBlend(ofBlend('l1', 'sago'))).toBe(true);
    expect(isOfBlend(addedTo('l1', 'water'))).toBe(false);
    expect(isOfBlend('l1')).toBe(false);
  });
});
