import { DataTypes, type QueryInterface } from 'sequelize';

/** By what the last save of a bag is known again, when its answer was lost on the way. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.addColumn('bags', 'lastSaveId', { type: DataTypes.STRING(40), allowNull: true });
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.sequelize.query('ALTER TABLE bags DROP COLUMN lastSaveId');
}
