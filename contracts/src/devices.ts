import { IsIn, IsString, IsUUID, Matches, MaxLength, MinLength } from 'class-validator';
import { NAME_CHARS } from './limits';
import { HOUSE_ROLES, PASSPHRASE_CHARS, type HouseRole } from './roles';
import { OrNull } from './said';

const MOST_PASSPHRASE = 200;
const DEVICE_CHARS = 60;

/** Whom the next device is of: somebody who is here, or somebody new with a name and a role. */
export class NewCodeDto {
  @OrNull() @IsUUID() member!: string | null;
  @IsString() @MaxLength(NAME_CHARS) name!: string;
  @IsIn(HOUSE_ROLES) role!: HouseRole;
}

export interface CodeAnswer {
  readonly code: string;
  readonly minutes: number;
}

/** A code that an owner keeps on paper: it lets one device in, whenever that is. */
export interface RecoveryAnswer {
  readonly code: string;
}

/** A device that shows a code. Spaces and strokes within it don't count. */
export class JoinDto {
  @IsString() @Matches(/^[\p{L}\d\s-]{1,40}$/u) code!: string;
  @IsString() @MaxLength(DEVICE_CHARS) device!: string;
}

export class SignInDto {
  @IsString() @MaxLength(NAME_CHARS) name!: string;
  @IsString() @MaxLength(MOST_PASSPHRASE) passphrase!: string;
  @IsString() @MaxLength(DEVICE_CHARS) device!: string;
}

export class PassphraseDto {
  @IsString() @MinLength(1) @MaxLength(NAME_CHARS) name!: string;
  @IsString() @MinLength(PASSPHRASE_CHARS) @MaxLength(MOST_PASSPHRASE) passphrase!: string;
}

export class MemberRoleDto {
  @IsIn(HOUSE_ROLES) role!: HouseRole;
}

export interface DeviceAnswer {
  readonly id: string;
  readonly name: string;
  readonly joined: string;
  readonly seen: string;
}

export interface MemberAnswer {
  readonly id: string;
  readonly name: string;
  readonly role: HouseRole;
  /** Whoever sits at the machine that it runs on. */
  readonly local: boolean;
  readonly passphrase: boolean;
  readonly devices: readonly DeviceAnswer[];
}

export interface DevicesAnswer {
  readonly members: readonly MemberAnswer[];
  /** When whoever asks made the code that they keep on paper; null: they have none. */
  readonly recovery: string | null;
  /** Where other devices find it; null: it serves this machine alone. */
  readonly address: string | null;
}

/** Who asks, and from which device; null: from the machine itself. */
export interface MeAnswer {
  readonly person: string;
  readonly name: string;
  readonly device: string | null;
}
