import { DataTypes, type QueryInterface } from 'sequelize';

const id = () => ({ type: DataTypes.STRING(40), primaryKey: true, allowNull: false });
const time = () => ({ type: DataTypes.DATE, allowNull: false });
const text = () => ({ type: DataTypes.TEXT, allowNull: false });
const ofBag = () => ({
  type: DataTypes.STRING(40),
  allowNull: false,
  references: { model: 'bags', key: 'id' },
  onDelete: 'CASCADE',
});

/** An index, if it isn't there: a start that was interrupted may have left it without word of it. */
const addIndex = (tables: QueryInterface, name: string, on: string) =>
  tables.sequelize.query(`CREATE INDEX IF NOT EXISTS ${name} ON ${on}`);

/** Swatches, bags, what can be undone on them, and saves that were refused. */
export async function up(tables: QueryInterface): Promise<void> {
  await tables.createTable('swatches', {
    id: id(),
    name: { type: DataTypes.STRING(80), allowNull: false },
    document: text(),
    createdAt: time(),
    updatedAt: time(),
  });
  await tables.createTable('bags', {
    id: id(),
    name: { type: DataTypes.STRING(80), allowNull: false },
    design: text(),
    revision: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
    swatchId: {
      type: DataTypes.STRING(40),
      allowNull: true,
      references: { model: 'swatches', key: 'id' },
      onDelete: 'SET NULL',
    },
    archivedAt: { type: DataTypes.DATE, allowNull: true },
    createdAt: time(),
    updatedAt: time(),
  });
  await addIndex(tables, 'bags_archived_at_updated_at', 'bags (archivedAt, updatedAt)');
  await tables.createTable('bag_histories', {
    bagId: { ...ofBag(), primaryKey: true },
    document: text(),
    updatedAt: time(),
  });
  await tables.createTable('refused_saves', {
    id: id(),
    bagId: ofBag(),
    baseRevision: { type: DataTypes.INTEGER, allowNull: false },
    design: text(),
    createdAt: time(),
  });
  await addIndex(tables, 'refused_saves_bag_id', 'refused_saves (bagId)');
}

export async function down(tables: QueryInterface): Promise<void> {
  for (const table of ['refused_saves', 'bag_histories', 'bags', 'swatches']) await tables.dropTable(table);
}
