import { Equals, IsBoolean, IsIn } from 'class-validator';

export const TEMPERATURE_UNITS = ['celsius', 'fahrenheit'] as const;
export const THEMES = ['system', 'light', 'dark'] as const;

/** What a household has chosen for its pages. */
export class SettingsDto {
  @Equals(1) schema!: 1;
  @IsIn(TEMPERATURE_UNITS) temperature!: (typeof TEMPERATURE_UNITS)[number];
  @IsIn(THEMES) theme!: (typeof THEMES)[number];
  @IsBoolean() shortcuts!: boolean;
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
};
