import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import type { NutritionPanel, OwnIngredient } from '@omniarton/core/catalogue';
import { KEPT_TOPICS } from '@omniarton/core/kitchen';
import type {
  Avoided,
  Binned,
  HouseBlend,
  HouseRecipe,
  JarPart,
  KeptFigure,
  KeptTopic,
  KitchenDocument,
  KitchenLearning,
  LearntTime,
  Likelihood,
  Needs,
  Person,
  WeighedCup,
} from '@omniarton/core/kitchen';
import {
  AVOIDANCES,
  EGG_SIZES,
  FAMILIES,
  GLUTEN_CLASSES,
  GRAIN_CLASSES,
  LOCALES,
  ROLES,
  STRICTNESSES,
  SYMPTOMS,
} from '@omniarton/core/vocabulary';
import type {
  Avoidance,
  EggSize,
  GlutenClass,
  GrainClass,
  Locale,
  Role,
  Strictness,
  FamilyId,
  SymptomId,
} from '@omniarton/core/vocabulary';
import { LabelReadDto } from './cupboard';
import { MicrowaveDto, OvenDto, OwnPanDto } from './heat';
import { CanBeKept, DaysByName, INGREDIENT_ID, NAME_CHARS as NAME } from './limits';
import { IsDay, OrNull } from './said';

const MOST = 200;
const NOTE = 400;

class AvoidedDto implements Avoided {
  @IsIn(AVOIDANCES) what!: Avoidance;
  @IsIn(['label', 'preference']) how!: Avoided['how'];
}

class GrainFreeDto {
  @IsBoolean() pseudocereals!: boolean;
  @IsBoolean() derived!: boolean;
}

/** What somebody needs: the same for a person and for a seat at a recipe's table. */
export class NeedsDto implements Needs {
  @OrNull() @IsIn(STRICTNESSES) gluten!: Strictness | null;
  @OrNull() @ValidateNested() @Type(() => GrainFreeDto) grainFree!: GrainFreeDto | null;
  @IsArray()
  @ArrayMaxSize(AVOIDANCES.length)
  @ValidateNested({ each: true })
  @Type(() => AvoidedDto)
  avoids!: readonly AvoidedDto[];
}

class PersonDto extends NeedsDto implements Person {
  @IsUUID() id!: string;
  @IsString() @MaxLength(NAME) name!: string;
}

class BinnedDto implements Binned {
  @ValidateNested() @Type(() => PersonDto) person!: PersonDto;
  @IsDay() on!: string;
}

class NutritionPanelDto implements NutritionPanel {
  @IsNumber() @Min(0) @Max(100) fat!: number;
  @IsNumber() @Min(0) @Max(100) carbohydrate!: number;
  @IsNumber() @Min(0) @Max(100) sugars!: number;
  @IsNumber() @Min(0) @Max(100) fibre!: number;
  @IsNumber() @Min(0) @Max(100) protein!: number;
  @IsNumber() @Min(0) @Max(100) salt!: number;
  @IsBoolean() fibreInCarbohydrate!: boolean;
}

class OwnIngredientDto implements OwnIngredient {
  @Matches(INGREDIENT_ID) id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) name!: string;
  @IsArray()
  @ArrayMaxSize(30)
  @IsString({ each: true })
  @MaxLength(NAME, { each: true })
  also!: readonly string[];
  @IsIn(ROLES) role!: Role;
  @ValidateNested() @Type(() => NutritionPanelDto) panel!: NutritionPanelDto;
  @OrNull() @IsNumber() @Min(1) @Max(2000) cupGrams!: number | null;
  @OrNull() @IsNumber() @Min(0.01) @Max(20_000) eachGrams!: number | null;
  @IsIn(GLUTEN_CLASSES) gluten!: GlutenClass;
  @IsIn(GRAIN_CLASSES) grain!: GrainClass;
  @IsArray() @IsIn(AVOIDANCES, { each: true }) allergens!: readonly Avoidance[];
  @IsArray() @IsIn(AVOIDANCES, { each: true }) possible!: readonly Avoidance[];
  @IsString() @MaxLength(NOTE) note!: string;
  @IsBoolean() certified!: boolean;
  @OrNull() @ValidateNested() @Type(() => LabelReadDto) label!: LabelReadDto | null;
}

class HouseRecipeDto implements HouseRecipe {
  @IsUUID() recipe!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) name!: string;
  @IsIn(['written', 'converted']) as!: HouseRecipe['as'];
}

class HousePartDto implements JarPart {
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsNumber() @Min(0.001) @Max(1) share!: number;
}

class EarlierJarDto {
  @IsDay() until!: string;
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => HousePartDto)
  madeOf!: readonly HousePartDto[];
}

class HouseBlendDto implements HouseBlend {
  @IsUUID() id!: string;
  @IsString() @MinLength(1) @MaxLength(NAME) name!: string;
  @IsIn(['mixed', 'bought']) kind!: HouseBlend['kind'];
  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => HousePartDto)
  madeOf!: readonly HousePartDto[];
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => EarlierJarDto)
  earlier!: readonly EarlierJarDto[];
}

class WeighedCupDto implements WeighedCup {
  @IsUUID() id!: string;
  @Matches(INGREDIENT_ID) ingredient!: string;
  @IsString() @MaxLength(NAME) bag!: string;
  @IsNumber() @Min(5) @Max(1000) cupGrams!: number;
  @IsDay() on!: string;
  @IsBoolean() inUse!: boolean;
}

class LearntTimeDto implements LearntTime {
  @OrNull() @IsString() @MaxLength(NAME) oven!: string | null;
  @IsString() @MaxLength(NAME) tin!: string;
  @IsIn(FAMILIES) family!: FamilyId;
  @IsNumber() @Min(0.3) @Max(3) factor!: number;
  @IsInt() @Min(1) @Max(10_000) bakes!: number;
  @IsDay() on!: string;
}

class KeptFigureDto implements KeptFigure {
  @IsIn(KEPT_TOPICS) topic!: KeptTopic;
  @Matches(INGREDIENT_ID) of!: string;
  @CanBeKept() value!: number;
  @IsInt() @Min(1) @Max(10_000) bakes!: number;
  @IsDay() on!: string;
}

class LikelihoodDto implements Likelihood {
  @IsString() @MaxLength(NAME) cause!: string;
  @IsIn(SYMPTOMS) symptom!: SymptomId;
  @IsNumber() @Min(-4) @Max(4) by!: number;
}

const MOST_LEARNT = 2000;

class KitchenLearningDto implements KitchenLearning {
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => LearntTimeDto)
  times!: readonly LearntTimeDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => KeptFigureDto)
  kept!: readonly KeptFigureDto[];
  @IsArray() @ArrayMaxSize(MOST_LEARNT) @IsUUID(undefined, { each: true }) forgotten!: readonly string[];
  @IsArray() @ArrayMaxSize(MOST_LEARNT) @IsUUID(undefined, { each: true }) trusted!: readonly string[];
  @IsObject() @DaysByName() since!: Readonly<Record<string, string>>;
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => LikelihoodDto)
  likelihoods!: readonly LikelihoodDto[];
}

/** What the recipes of a household share: who sits at the table, own ingredients, jars, weighed cups, tins and ovens. */
export class KitchenDocumentDto implements KitchenDocument {
  @Equals(4) schema!: 4;
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => PersonDto)
  people!: readonly PersonDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => OwnIngredientDto)
  ingredients!: readonly OwnIngredientDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => HouseRecipeDto)
  recipes!: readonly HouseRecipeDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => HouseBlendDto)
  blends!: readonly HouseBlendDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => WeighedCupDto)
  weighed!: readonly WeighedCupDto[];
  @OrNull() @IsIn(EGG_SIZES) eggSize!: EggSize | null;
  @OrNull() @IsIn(LOCALES) locale!: Locale | null;
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => OwnPanDto)
  pans!: readonly OwnPanDto[];
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => OvenDto)
  ovens!: readonly OvenDto[];
  @OrNull() @ValidateNested() @Type(() => MicrowaveDto) microwave!: MicrowaveDto | null;
  @IsArray()
  @ArrayMaxSize(MOST)
  @ValidateNested({ each: true })
  @Type(() => BinnedDto)
  bin!: readonly BinnedDto[];
  @ValidateNested() @Type(() => KitchenLearningDto) learning!: KitchenLearningDto;
}

type Same<A, B> = A extends B ? (B extends A ? true : never) : never;
const _theSame: Same<KitchenDocument, KitchenDocumentDto> = true;

export interface KitchenAnswer {
  readonly version: number;
  readonly doc: KitchenDocument;
}
