/*
 * What a household has after years of baking, as SQL: recipes under many names, kept dockets of some 45 kB, a bake of each. Takes the
 * demo's first recipe as the document of all; every docket is another, and a hash of it takes about as much room as its words would.
 */
const KINDS = ['Almond', 'Plum', 'Lemon', 'Ginger', 'Walnut', 'Apple', 'Cherry', 'Cocoa', 'Honey', 'Pear'];
const BAKES = ['cake', 'tart', 'biscuits', 'loaf', 'buns', 'crumble', 'muffins', 'slices'];
const listed = (names) => `ARRAY[${names.map((name) => `'${name}'`).join()}]`;

/** Rows of some recipes, dockets and bakes for the household that isn't the demo's; `flours`: so many share the blends. */
export const yearsOfBaking = ({ recipes, bakes, flours, wordsOf = 350 }) => `
  INSERT INTO recipes (household_id, created_by, id, version, title, title_words, words, family, source_text, doc_schema, doc)
  SELECT h.id, h.created_by, ('00000000-0000-7000-8000-' || lpad(to_hex(n), 12, '0'))::uuid, 1, t.title, lower(t.title),
         lower(t.title) || ' ' || n || ' g plain flour ' || lower((${listed(KINDS)})[1 + n % ${KINDS.length}]),
         'creamed-cake', t.title || E'\\n200 g plain flour', r.doc_schema, r.doc
    FROM households h, generate_series(1, ${recipes}) AS n, (SELECT doc, doc_schema FROM recipes ORDER BY id LIMIT 1) AS r,
         LATERAL (SELECT (${listed(KINDS)})[1 + n % ${KINDS.length}] || ' ' || (${listed(BAKES)})[1 + (n / 10) % ${BAKES.length}] || ' ' || n AS title) AS t
   WHERE NOT h.demo;
  INSERT INTO dockets (household_id, created_by, id, recipe_id, engine, doc_schema, doc)
  SELECT h.id, h.created_by, ('00000000-0000-7000-9000-' || lpad(to_hex(n), 12, '0'))::uuid,
         ('00000000-0000-7000-8000-' || lpad(to_hex(1 + n % ${recipes}), 12, '0'))::uuid, 'soak', 1,
         jsonb_build_object('schema', 1, 'docket', jsonb_build_object('title', 'Cake ' || n, 'parts', jsonb_build_array(jsonb_build_object('blend',
           (SELECT jsonb_agg(jsonb_build_object('ingredient', 'flour-' || ((n + f) % ${flours}), 'grams', 20 + f)) FROM generate_series(1, 4) AS f),
           'words', (SELECT string_agg(encode(sha512((n || ' ' || k)::bytea), 'hex'), '') FROM generate_series(1, ${wordsOf}) AS k)))))
    FROM households h, generate_series(1, ${bakes}) AS n WHERE NOT h.demo;
  INSERT INTO bakes (household_id, created_by, id, version, recipe_id, docket_id, baked_on, doc_schema, doc)
  SELECT household_id, created_by, ('00000000-0000-7000-a000-' || right(id::text, 12))::uuid, 1, recipe_id, id,
         DATE '2000-01-01' + (('x' || right(id::text, 6))::bit(24)::int % 9000), 1,
         jsonb_build_object('schema', 1, 'docket', id, 'notes', jsonb_build_object('scores', '{}'::jsonb))
    FROM dockets WHERE engine = 'soak';
  INSERT INTO flour_uses (household_id, bake_id, flour, grams, title, baked_on)
  SELECT b.household_id, b.id, flour ->> 'ingredient', sum((flour ->> 'grams')::numeric), d.doc #>> '{docket,title}', b.baked_on
    FROM bakes b JOIN dockets d ON d.household_id = b.household_id AND d.id = b.docket_id
    CROSS JOIN LATERAL jsonb_array_elements(d.doc #> '{docket,parts}') AS part
    CROSS JOIN LATERAL jsonb_array_elements(part -> 'blend') AS flour
   WHERE d.engine = 'soak'
   GROUP BY 1, 2, 3, 5, 6;
  ANALYZE;`;
