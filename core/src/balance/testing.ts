import { designBlend, routeFor } from '../blend';
import { formulaOf, type FormulaLine, type FormulaPart } from '../formula';
import { BUILT_IN_KITCHEN, catalogueOf, EMPTY_REQUEST, type ConversionRequest } from '../kitchen';
import { toEnd } from '../quantity';
import { readText } from '../testing';
import type { FamilyId } from '../vocabulary';
import { convertPart, settingOf, type ConvertedPart } from './convertPart';
import type { BakeSetting, Setting } from './types';

export const catalogue = catalogueOf(BUILT_IN_KITCHEN);

/** What a bake of some family is converted with: its own designed blend, in the product's own kitchen. Used by tests alone. */
export function bakeFor(family: FamilyId, request: Partial<ConversionRequest> = {}): BakeSetting {
  const asked = { ...EMPTY_REQUEST, ...request };
  const route = routeFor(asked, family, catalogue);
  const answer = toEnd(designBlend(family, route, asked, BUILT_IN_KITCHEN));
  if (answer.kind !== 'blends') throw new Error(JSON.stringify(answer.reasons));
  return { request: asked, catalogue, route, blend: answer.blends[0]! };
}

export const settingFor = (family: FamilyId, original: readonly FormulaLine[] = []): Setting =>
  settingOf(bakeFor(family), family, original);

export const partOf = (text: string): FormulaPart => formulaOf(readText(text))[0]!;

export const conversionOf = (
  text: string,
  family: FamilyId,
  request: Partial<ConversionRequest> = {},
): ConvertedPart => convertPart(partOf(text), family, bakeFor(family, request));

export const gramsOf = (lines: readonly FormulaLine[], id: string): number =>
  lines.filter(({ ingredient }) => ingredient === id).reduce((sum, { grams }) => sum + grams, 0);

/** g of an ingredient in a converted part. */
export const find = (
  text: string,
  family: FamilyId,
  id: string,
  request: Partial<ConversionRequest> = {},
): number => gramsOf(conversionOf(text, family, request).lines, id);

/** Plain wheat bakes, in the proportions of common practice. */
export const SHORTBREAD = '300 g plain flour\n200 g butter\n100 g caster sugar';
export const COOKIE = '280 g plain flour\n170 g butter\n200 g brown sugar\n1 large egg\n4 g baking soda';
export const CAKE =
  '250 g plain flour\n200 g butter\n200 g caster sugar\n4 medium eggs\n10 g baking powder\n120 ml milk';
export const MUFFIN =
  '250 g plain flour\n120 g caster sugar\n1 egg\n240 ml milk\n80 g butter\n12 g baking powder';
export const PIE = '250 g plain flour\n150 g butter\n4 g salt\n60 ml water';
