/** Words for those who eat and for what each is given: a number of them counts no pieces. */
export const HELPINGS =
  '(?:people|persons?|pers\\.?|ppl|portions?|servings?|helpings?|kids|children|pupils|guests|adults)';
