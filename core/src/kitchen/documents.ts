import type { Avoidance, BinderSchool, Diet, FamilyId } from '../vocabulary';

/** One line of the text with the id that it keeps while the text is edited. */
export interface SourceLine {
  readonly id: string;
  readonly source: string;
}

/** What a person put right on a line that was misread. */
export interface LineCorrection {
  readonly line: string;
  readonly ingredient?: string;
  readonly grams?: number;
  /** The line is a note, not an ingredient. */
  readonly note?: boolean;
}

/** A number of the docket that a person overruled. The line is a docket line's id. */
export interface LineOverride {
  readonly line: string;
  readonly grams: number;
}

/** A person's answer to an open question of the guard on a line. */
export interface GuardAnswer {
  readonly line: string;
  readonly answer: 'label-checked' | 'replaced' | 'left-out';
}

/** What is asked of a conversion. */
export interface ConversionRequest {
  readonly diet: Diet;
  readonly without: readonly Avoidance[];
  /** For a person with coeliac disease: every flour, starch and oat is to be certified. */
  readonly coeliac: boolean;
  /** Null: guess it. */
  readonly family: FamilyId | null;
  readonly school: BinderSchool;
  readonly withoutFlours: readonly string[];
  readonly overrides: readonly LineOverride[];
  readonly answers: readonly GuardAnswer[];
}

export const EMPTY_REQUEST: ConversionRequest = {
  diet: 'gluten-free',
  without: [],
  coeliac: true,
  family: null,
  school: 'gum',
  withoutFlours: [],
  overrides: [],
  answers: [],
};

/** A recipe as it is kept. */
export interface RecipeDocument {
  readonly schema: 1;
  readonly title: string;
  readonly text: string;
  readonly lines: readonly SourceLine[];
  readonly corrections: readonly LineCorrection[];
  readonly request: ConversionRequest;
}
