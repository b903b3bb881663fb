import { DataTypes, type QueryInterface } from 'sequelize';

/** Pieces of hers: snaps, rings, buttons, by their sizes. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('notions', {
    id: { type: DataTypes.STRING(40), primaryKey: true, allowNull: false },
    name: { type: DataTypes.STRING(80), allowNull: false },
    document: { type: DataTypes.TEXT, allowNull: false },
    createdAt: { type: DataTypes.DATE, allowNull: false },
    updatedAt: { type: DataTypes.DATE, allowNull: false },
  });
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.dropTable('notions');
}
