import { Equals, IsBoolean, IsIn, IsOptional } from 'class-validator';

export const TEMPERATURE_UNITS = ['celsius', 'fahrenheit'] as const;
/** What the weights of a list are shown in. */
export const WEIGHT_UNITS = ['grams', 'us-cups', 'metric-cups'] as const;
export const THEMES = ['system', 'light', 'dark'] as const;

/** What a household has chosen for its pages. */
export class SettingsDto {
  @Equals(1) schema!: 1;
  @IsIn(TEMPERATURE_UNITS) temperature!: (typeof TEMPERATURE_UNITS)[number];
  @IsIn(THEMES) theme!: (typeof THEMES)[number];
  @IsBoolean() shortcuts!: boolean;
  /** Settings that were stored before there was a choice have none: grams. */
  @IsOptional() @IsIn(WEIGHT_UNITS) units?: (typeof WEIGHT_UNITS)[number];
}

export interface SettingsAnswer {
  readonly version: number;
  readonly doc: SettingsDto;
}

export const DEFAULT_SETTINGS: SettingsDto = {
  schema: 1,
  temperature: 'celsius',
  theme: 'system',
  shortcuts: true,
  units: 'grams',
};
