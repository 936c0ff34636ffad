import { Equals, IsBoolean, IsIn, IsString, MaxLength } from 'class-validator';
import { NAME_CHARS } from './limits';

export const TEMPERATURE_UNITS = ['celsius', 'fahrenheit'] as const;
/** What the weights of a list are shown in. */
export const WEIGHT_UNITS = ['grams', 'us-cups', 'metric-cups'] as const;
export const THEMES = ['system', 'light', 'dark'] as const;

/** What a household has chosen for its pages. */
export class SettingsDto {
  @Equals(2) schema!: 2;
  @IsIn(TEMPERATURE_UNITS) temperature!: (typeof TEMPERATURE_UNITS)[number];
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
  schema: 2,
  temperature: 'celsius',
  theme: 'system',
  shortcuts: true,
  units: 'grams',
  signs: '',
};
