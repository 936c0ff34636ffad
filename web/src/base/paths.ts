/** The page's own addresses. */
export const benchPath = (household: string, recipe: string, stage?: string): string =>
  `/kitchen/${household}/recipe/${recipe}${stage ? `/${stage}` : ''}`;

export const cupboardPath = (household: string): string => `/kitchen/${household}/cupboard`;

/** The bake day: planned, shown to helpers, run at the counter. */
export const dayPath = (household: string): string => `/kitchen/${household}/day`;
export const sheetPath = (household: string): string => `${dayPath(household)}/sheet`;
export const runPath = (household: string): string => `${dayPath(household)}/run`;

/** What is kept of a household: its bin, everything as one file, and erasing. */
export const keptPath = (household: string): string => `/kitchen/${household}/kept`;

/** Dockets of several recipes, one after the other, to be printed. */
export const bookletPath = (household: string, recipes: readonly string[]): string =>
  `/kitchen/${household}/booklet?of=${recipes.join(',')}`;

/** One list for the shops, of all that some recipes need. */
export const shopPath = (household: string, recipes: readonly string[]): string =>
  `/kitchen/${household}/shop?for=${recipes.join(',')}`;

export const newPath = (household: string): string => `/kitchen/${household}/new`;

export const floursPath = (household: string): string => `/kitchen/${household}/flours`;
export const flourPath = (household: string, flour: string): string => `${floursPath(household)}/${flour}`;
export const comparePath = (household: string, flours: readonly string[]): string =>
  `${floursPath(household)}?compare=${flours.join(',')}`;
export const jarPath = (household: string, jar: string): string => `/kitchen/${household}/jars/${jar}`;
export const practicePath = (household: string): string => `/kitchen/${household}/practice`;
export const learntPath = (household: string): string => `/kitchen/${household}/learnt`;
export const ovensPath = (household: string): string => `/kitchen/${household}/ovens`;
export const devicesPath = (household: string): string => `/kitchen/${household}/devices`;
export const ballotsPath = (household: string): string => `/kitchen/${household}/ballots`;
/** Where a device that isn't in gets in; a code may stand behind the stroke. */
export const JOIN_PATH = '/join';
