import type { RecipeDocument } from '../documents';
import { upcast, type Steps } from './chain';
import { recipe1to2 } from './recipe1to2';
import { recipe2to3 } from './recipe2to3';
import { recipe3to4 } from './recipe3to4';
import { recipe4to5 } from './recipe4to5';
import { recipe5to6 } from './recipe5to6';
import { recipe6to7 } from './recipe6to7';
import { recipe7to8 } from './recipe7to8';
import { recipe8to9 } from './recipe8to9';
import { recipe9to10 } from './recipe9to10';
import { recipe10to11 } from './recipe10to11';

const STEPS: Steps = {
  1: recipe1to2,
  2: recipe2to3,
  3: recipe3to4,
  4: recipe4to5,
  5: recipe5to6,
  6: recipe6to7,
  7: recipe7to8,
  8: recipe8to9,
  9: recipe9to10,
  10: recipe10to11,
};
const CURRENT = 11;

/** Brings a stored recipe up to this program's schema, a version at a time. Throws UnreadableDocumentError for a newer one. */
export const upcastRecipe = (stored: object): RecipeDocument =>
  upcast<RecipeDocument>(stored, STEPS, CURRENT);
