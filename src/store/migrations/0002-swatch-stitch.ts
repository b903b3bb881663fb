import type { QueryInterface } from 'sequelize';

/**
 * Gives every swatch of the library the stitch it was worked in, that of its bag, which until now said it for both; and what
 * is not known of it: one strand, no letter, no class.
 */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.sequelize.query(`
    UPDATE swatches SET document = json_set(document, '$.stitch', COALESCE(
      (SELECT json_extract(bags.design, '$.stitch') FROM bags WHERE bags.swatchId = swatches.id AND json_valid(bags.design) LIMIT 1), 'sc'),
      '$.strands', 1, '$.hookLetter', NULL, '$.yarn.weightClass', NULL)
    WHERE json_valid(document) AND json_extract(document, '$.stitch') IS NULL`);
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.sequelize.query(
    `UPDATE swatches SET document = json_remove(document, '$.stitch', '$.strands', '$.hookLetter', '$.yarn.weightClass') WHERE json_valid(document)`,
  );
}
