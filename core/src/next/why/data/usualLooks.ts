import type { FamilyId, SymptomId } from '../../../vocabulary';

/** How such bakes look where nothing is wrong with them: common practice, no source. */
export const USUAL_LOOKS: {
  readonly family: Readonly<Partial<Record<FamilyId, readonly SymptomId[]>>>;
  readonly led: Readonly<
    Partial<Record<'nut' | 'coconut' | 'seed' | 'bean' | 'starch', readonly SymptomId[]>>
  >;
} = {
  family: {
    flourless: ['sunk', 'cracked', 'dense', 'flat'],
    brownie: ['cracked', 'dense', 'gummy', 'flat', 'tight'],
    loaf: ['cracked', 'domed-cracked'],
    muffin: ['flat', 'cracked'],
    'yeast-dough': ['dense', 'tight', 'pale'],
    pancake: ['patchy', 'pale'],
    pastry: ['crumbly'],
    'drop-cookie': ['cracked', 'patchy'],
    'cut-out': ['pale', 'crumbly'],
    'crisp-wafer': ['spread', 'hard'],
    foam: ['sunk', 'cracked', 'flat'],
    choux: ['cracked'],
    crumble: ['crumbly', 'patchy'],
    'steamed-pudding': ['dense', 'pale'],
    'mug-cake': ['tough', 'pale', 'sunk'],
    scone: ['crumbly', 'cracked'],
    doughnut: ['cracked', 'patchy'],
  },
  led: {
    nut: ['flat', 'tight', 'dense', 'dark', 'crumbly', 'sunk'],
    coconut: ['dense', 'crumbly', 'tight'],
    seed: ['dense', 'flat', 'dark'],
    bean: ['dense', 'cracked'],
    starch: ['pale', 'flat'],
  },
};
