import { EMPTY_REQUEST } from '@omniarton/core/kitchen';
import { editedWhat } from './edited';

describe('what was undone', () => {
  it('has words for everything that may be asked of a conversion', () => {
    const unnamed = Object.keys(EMPTY_REQUEST).filter(
      (key) => editedWhat(`request.${key}`).what === editedWhat('text').what,
    );
    expect(unnamed).toEqual([]);
  });
  it('is what it is about, and nothing whose name begins alike', () => {
    expect(editedWhat('request.withoutFlours').stage).toBe('blend');
    expect(editedWhat('request.without').stage).toBe('guard');
    expect(editedWhat('line.l1').what).toBe('a line of the text');
  });
  it('names the stage where it is seen', () =>
    expect(editedWhat('request.pan')).toEqual({ what: 'the tin', stage: 'heat' }));
});
