import { DataTypes, type QueryInterface } from 'sequelize';

/** Photos, whose files lie in a folder beside the database. One that was taken out stays for a while, so that it can be put back. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('photos', {
    id: { type: DataTypes.STRING(40), primaryKey: true },
    of: { type: DataTypes.STRING(10), allowNull: false },
    ownerId: { type: DataTypes.STRING(40), allowNull: false },
    step: { type: DataTypes.STRING(120), allowNull: true },
    width: { type: DataTypes.INTEGER, allowNull: false },
    height: { type: DataTypes.INTEGER, allowNull: false },
    bytes: { type: DataTypes.INTEGER, allowNull: false },
    sha256: { type: DataTypes.STRING(64), allowNull: false },
    removedAt: { type: DataTypes.DATE, allowNull: true },
    createdAt: { type: DataTypes.DATE, allowNull: false },
  });
  await tables.addIndex('photos', ['of', 'ownerId', 'createdAt']);
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.dropTable('photos');
}
