import { DataTypes, type QueryInterface } from 'sequelize';

/** What she has in store: yarn, cloth, what is left over of it, and what is counted. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('stock', {
    id: { type: DataTypes.STRING(40), primaryKey: true, allowNull: false },
    name: { type: DataTypes.STRING(80), allowNull: false },
    document: { type: DataTypes.TEXT, allowNull: false },
    createdAt: { type: DataTypes.DATE, allowNull: false },
    updatedAt: { type: DataTypes.DATE, allowNull: false },
  });
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.dropTable('stock');
}
