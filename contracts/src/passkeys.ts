import { IsObject, IsString, MaxLength, MinLength } from 'class-validator';
import { NAME_CHARS } from './limits';

/** A passkey that a device has made: what the browser answers is looked at by the library that knows its form. */
export class NewPasskeyDto {
  @IsString() @MinLength(1) @MaxLength(NAME_CHARS) name!: string;
  @IsObject() response!: object;
}

/** A device that signs in by its passkey. */
export class PasskeySignInDto {
  @IsString() @MaxLength(NAME_CHARS) device!: string;
  @IsObject() response!: object;
}

export interface PasskeyAnswer {
  readonly id: string;
  readonly name: string;
  readonly made: string;
  /** Null: never. */
  readonly used: string | null;
  /** By which name of the house it signs in. */
  readonly host: string;
}

/** One’s own passkeys. */
export interface PasskeysAnswer {
  readonly passkeys: readonly PasskeyAnswer[];
}
