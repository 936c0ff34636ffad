import type { Knex } from 'knex';
import type { BakeDto, TastingDto } from '@omniarton/contracts';
import { upcastBake } from '@omniarton/core/kitchen';
import type { LearntFrom } from '@omniarton/core/next';
import { upcastTasting } from '@omniarton/core/taste';
import { rowsOf } from '../db/json';
import type { Scope } from '../http/scope';

interface Row {
  readonly id: string;
  readonly recipe_id: string;
  readonly doc: object;
  readonly docket: LearntFrom;
}

/** More bakes than a household logs in ten years. */
const MOST = 5000;

/** Of a docket as much as a bake teaches by: its curves and its guard stay where they are. */
const LEARNT_FROM = `
  jsonb_build_object(
    'title', d.doc #> '{docket,title}',
    'kept', coalesce(d.doc #> '{docket,kept}', '[]'),
    'family', d.doc #> '{docket,family}',
    'bake', jsonb_build_object(
      'minutes', d.doc #> '{docket,bake,minutes}',
      'ovenCelsius', d.doc #> '{docket,bake,ovenCelsius}',
      'doneCelsius', d.doc #> '{docket,bake,doneCelsius}',
      'pan', d.doc #> '{docket,bake,pan}',
      'learnt', d.doc #> '{docket,bake,learnt}',
      'oven', d.doc #> '{docket,bake,oven}',
      'stretch', coalesce(d.doc #> '{docket,bake,stretch}', d.doc #> '{docket,bake,anchor}')),
    'parts', coalesce((
      SELECT jsonb_agg(jsonb_build_object(
               'family', part -> 'family',
               'blend', coalesce(part -> 'blend', '[]'),
               'accounts', coalesce(part -> 'accounts', '[]')))
        FROM jsonb_array_elements(d.doc #> '{docket,parts}') AS part), '[]'))`;

/** A household's bakes, as far as something can be learnt from them. */
export const learningStore = (db: Knex) => ({
  async bakes({ householdId }: Scope) {
    const rows = await rowsOf<Row>(
      db('bakes as b')
        .join(
          'dockets as d',
          (on) => void on.on('d.household_id', 'b.household_id').on('d.id', 'b.docket_id'),
        )
        .where({ 'b.household_id': householdId })
        .whereNull('b.removed_at')
        .orderBy([
          { column: 'b.baked_on', order: 'desc' },
          { column: 'b.id', order: 'desc' },
        ])
        .limit(MOST)
        .select('b.id', 'b.recipe_id', 'b.doc', db.raw(`${LEARNT_FROM} AS docket`)),
    );
    return rows.map(({ id, recipe_id: recipe, doc, docket }) => {
      const { notes, imported } = upcastBake<BakeDto>(doc);
      return { id, recipe, docket, notes, imported };
    });
  },

  /** Its just-about-right tastings. */
  async justRight({ householdId }: Scope) {
    const rows = await rowsOf<Pick<Row, 'doc'>>(
      db('tastings')
        .where({ household_id: householdId })
        .whereRaw("doc ->> 'test' = 'just-right'")
        .orderBy('created_at', 'desc')
        .limit(MOST)
        .select('doc'),
    );
    return rows.map(({ doc }) => upcastTasting<TastingDto>(doc));
  },
});

export type LearningStore = ReturnType<typeof learningStore>;
