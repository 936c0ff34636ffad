/** The page's own addresses. */
export const benchPath = (household: string, recipe: string, stage?: string): string =>
  `/kitchen/${household}/recipe/${recipe}${stage ? `/${stage}` : ''}`;

export const cupboardPath = (household: string): string => `/kitchen/${household}/cupboard`;

export const newPath = (household: string): string => `/kitchen/${household}/new`;
