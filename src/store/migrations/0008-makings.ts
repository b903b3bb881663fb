import { DataTypes, type QueryInterface } from 'sequelize';

/** What was told of the making of each bag, one thing after the other; nothing of it is changed afterwards. Ids are names that the windows gave. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('making_events', {
    place: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
    id: { type: DataTypes.STRING(40), allowNull: false, unique: true },
    bagId: {
      type: DataTypes.STRING(40),
      allowNull: false,
      references: { model: 'bags', key: 'id' },
      onDelete: 'CASCADE',
    },
    document: { type: DataTypes.TEXT, allowNull: false },
    createdAt: { type: DataTypes.DATE, allowNull: false },
  });
  await tables.addIndex('making_events', ['bagId', 'place']);
}

export async function down(tables: QueryInterface): Promise<void> {
  await tables.dropTable('making_events');
}
