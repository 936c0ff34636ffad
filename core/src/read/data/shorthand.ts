/**
 * Words as cards shorten them, with what they stand for. A full stop after one goes with it. Common practice.
 */
export const SHORTHAND: readonly (readonly [RegExp, string])[] = [
  // A typewriter's one is a small L.
  [/^l(?=[ /]\d?|\/)/g, '1'],
  [/\bchoc\b\.?/gi, 'chocolate'],
  [/\b(?:pwdr|pdr|pwd|powd)\b\.?/gi, 'powder'],
  [/\bcr\. (?=of tartar)/gi, 'cream '],
  [/\bbi-?carb(?:\.|\b)(?! of)/gi, 'bicarbonate of soda'],
  [/\bbi-?carb\.?(?= of)/gi, 'bicarbonate'],
  [/\b(?:10x|xxx) sugar\b/gi, 'powdered sugar'],
  [/\bt\.b\.s\.?/gi, 'tbsp'],
  [/\bt\.s\.p\.?/gi, 'tsp'],
  [/\b(?:tbl|tabs|tblsp)\b\.?(?= )/gi, 'tbsp'],
  [/\bcoffee ?spoons?\b/gi, 'tsp'],
  [/\bs\.?r\.? flour\b/gi, 'self-raising flour'],
  [/\bmarg\b\.?/gi, 'margarine'],
  [/\bw\/ ?/gi, 'with '],
  [/,? ?\bopt\b\.?/gi, ' (optional)'],
  [/\bdesicc?\b\.?(?= coconut)/gi, 'desiccated'],
  [/\bveg\b\.?(?= oil)/gi, 'vegetable'],
  [/\bcond\b\.?(?= milk)/gi, 'condensed'],
  [/\bevap\b\.?(?= milk)/gi, 'evaporated'],
  [/\bgran\b\.?(?= sugar)/gi, 'granulated'],
  [/\b(?:conf|confec)\b\.?(?= sugar)/gi, 'powdered'],
  [/\bbr\b\.?(?= sugar)/gi, 'brown'],
  [/\bunsalt\b\.?/gi, 'unsalted'],
  [/\bvan\b\.?(?=$| ext)/gi, 'vanilla'],
  [/\bext\b\.?$/gi, 'extract'],
];
