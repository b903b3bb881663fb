import { DataTypes, type QueryInterface } from 'sequelize';

const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const time = () => ({ type: DataTypes.DATE, allowNull: false });

/** Things to carry and patterns of the maker's own, each used again; and swatches learn of yarns held together with theirs. */
export async function up(tables: QueryInterface): Promise<void> {
  for (const table of ['things', 'own_stitches'])
    await tables.createTable(table, {
      id: { type: DataTypes.STRING(40), primaryKey: true, allowNull: false },
      name: { type: DataTypes.STRING(80), allowNull: false },
      document: text(),
      createdAt: time(),
      updatedAt: time(),
    });
  await tables.sequelize.query(`
    UPDATE swatches SET document = json_set(document, '$.heldWith', json('[]'))
    WHERE json_valid(document) AND json_extract(document, '$.heldWith') IS NULL`);
}

export async function down(tables: QueryInterface): Promise<void> {
  for (const table of ['things', 'own_stitches']) await tables.dropTable(table);
  await tables.sequelize.query(
    `UPDATE swatches SET document = json_remove(document, '$.heldWith') WHERE json_valid(document)`,
  );
}
