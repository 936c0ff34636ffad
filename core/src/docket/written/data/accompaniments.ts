import type { Allergen } from '../../../vocabulary';

/** What a bake is served with and no list has: what it holds, as it is commonly made. */
export interface Accompaniment {
  readonly words: RegExp;
  readonly holds: readonly Allergen[];
}

/** Common practice. The longer names first: of two that meet the first is heard. */
export const ACCOMPANIMENTS: readonly Accompaniment[] = [
  {
    words:
      /\b(?:(?:vanilla|chocolate|coffee|caramel|salted caramel|strawberry|good|clotted cream|rum and raisin) )?(?:ice[- ]cream|gelato)\b/gi,
    holds: ['milk', 'egg'],
  },
  {
    words:
      /\b(?:vanilla |pouring |hot |warm |cold |fresh |home-?made )?(?:custard|cr[eè]me anglaise|zabaglione|sabayon)\b/gi,
    holds: ['milk', 'egg'],
  },
  {
    words:
      /\b(?:(?:lightly |softly )?whipped |clotted |double |single |heavy |thick |pouring |soured |sour |fresh |cold |chilled |squirty )*(?<!ice |ice-|coconut |oat |soy |soya )cream\b(?! of| cheese|ed)/gi,
    holds: ['milk'],
  },
  {
    words:
      /\b(?:cr[eè]me fra[iî]che|mascarpone|chantilly(?: cream)?|(?:thick |greek |natural |plain )*yogh?urt|fromage frais|quark)\b/gi,
    holds: ['milk'],
  },
  { words: /\b(?:salted |soft |cold |brandy |rum )?butter\b(?!milk|scotch)/gi, holds: ['milk'] },
  { words: /\b(?:(?:toffee|caramel|butterscotch) sauce)\b/gi, holds: ['milk'] },
  {
    words:
      /\b(?:shortbread(?: (?:fingers|biscuits|rounds))?|wafers?|wafer rolls|brandy snaps|tuiles?|langues? de chat)\b/gi,
    holds: ['wheat', 'milk'],
  },
];
