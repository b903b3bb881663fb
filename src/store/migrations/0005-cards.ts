import { DataTypes, type QueryInterface } from 'sequelize';

const text = () => ({ type: DataTypes.TEXT, allowNull: false });

/** What was reckoned before and can be reckoned again: cards of bags, and the best packings of what goes in. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('bag_cards', {
    bagId: {
      type: DataTypes.STRING(40),
      primaryKey: true,
      allowNull: false,
      references: { model: 'bags', key: 'id' },
      onDelete: 'CASCADE',
    },
    revision: { type: DataTypes.INTEGER, allowNull: false },
    madeBy: { type: DataTypes.STRING(80), allowNull: false },
    document: text(),
  });
  await tables.createTable('packings', {
    things: { type: DataTypes.STRING(64), primaryKey: true, allowNull: false },
    madeBy: { type: DataTypes.STRING(80), allowNull: false },
    document: text(),
  });
}

export async function down(tables: QueryInterface): Promise<void> {
  for (const table of ['packings', 'bag_cards']) await tables.dropTable(table);
}
