import { Equals, IsBoolean, IsIn, IsString, MaxLength } from 'class-validator';
import { NAME_CHARS } from './limits';

/** In which measures everything is shown: those of the page, or always the same. */
export const MEASURES = ['page', 'metric', 'us'] as const;
/** What the weights of a list are shown in. */
export const WEIGHT_UNITS = ['grams', 'us-cups', 'metric-cups'] as const;
export const THEMES = ['system', 'light', 'dark'] as const;

/** What a household has chosen for its pages. */
export class SettingsDto {
  @Equals(3) schema!: 3;
  @IsIn(MEASURES) measures!: (typeof MEASURES)[number];
  @IsIn(THEMES) theme!: (typeof THEMES)[number];
  @IsBoolean() shortcuts!: boolean;
  @IsIn(WEIGHT_UNITS) units!: (typeof WEIGHT_UNITS)[number];
  /** By what name somebody answers and ticks; empty: by none. */
  @IsString() @MaxLength(NAME_CHARS) signs!: string;
}

export interface SettingsAnswer {
  readonly version: number;
  readonly doc: SettingsDto;
}

export const DEFAULT_SETTINGS: SettingsDto = {
  schema: 3,
  measures: 'page',
  theme: 'system',
  shortcuts: true,
  units: 'grams',
  signs: '',
};
