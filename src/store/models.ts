import {
  DataTypes,
  type CreationOptional,
  type ForeignKey,
  type InferAttributes,
  type InferCreationAttributes,
  type Model,
  type ModelStatic,
  type NonAttribute,
  type Sequelize,
} from 'sequelize';

/** A row of one of the libraries: what is kept, as JSON, and its name to list it by. */
interface LibraryRow extends Model<InferAttributes<LibraryRow>, InferCreationAttributes<LibraryRow>> {
  id: string;
  name: string;
  document: string;
  createdAt: CreationOptional<Date>;
  updatedAt: CreationOptional<Date>;
}

/** A bag: its design document as JSON, and a revision that grows by one with every save. */
export interface BagRow extends Model<
  InferAttributes<BagRow, { omit: 'kept' }>,
  InferCreationAttributes<BagRow, { omit: 'kept' }>
> {
  id: string;
  name: string;
  design: string;
  revision: CreationOptional<number>;
  swatchId: ForeignKey<string | null>;
  /** The name that the window gave to the last save; null before there was one. */
  lastSaveId: CreationOptional<string | null>;
  archivedAt: CreationOptional<Date | null>;
  createdAt: CreationOptional<Date>;
  updatedAt: CreationOptional<Date>;
  /** Its history, where it was asked for with the bag. */
  kept?: NonAttribute<HistoryRow | null>;
}

/** What can be undone and redone on a bag, as JSON. One row a bag. */
interface HistoryRow extends Model<InferAttributes<HistoryRow>, InferCreationAttributes<HistoryRow>> {
  bagId: ForeignKey<string>;
  document: string;
  updatedAt: CreationOptional<Date>;
}

/** A save that was refused because the bag had moved on, kept so that nothing is lost. */
interface RefusedSaveRow extends Model<InferAttributes<RefusedSaveRow>, InferCreationAttributes<RefusedSaveRow>> {
  id: string;
  bagId: ForeignKey<string>;
  baseRevision: number;
  design: string;
  createdAt: CreationOptional<Date>;
}

/** A card of a bag as it was made before, for a revision of it and by a version of Ruelle. */
interface CardRow extends Model<InferAttributes<CardRow>, InferCreationAttributes<CardRow>> {
  bagId: ForeignKey<string>;
  revision: number;
  madeBy: string;
  document: string;
}

/** The best packings of things, by a hash of them; the document is `null` where the search would take too long. */
interface PackingsRow extends Model<InferAttributes<PackingsRow>, InferCreationAttributes<PackingsRow>> {
  things: string;
  madeBy: string;
  document: string;
}

/** Something that was told of the making of a bag, as JSON; its place is the order in which it came. */
interface MakingEventRow extends Model<InferAttributes<MakingEventRow>, InferCreationAttributes<MakingEventRow>> {
  place: CreationOptional<number>;
  id: string;
  bagId: ForeignKey<string>;
  document: string;
  createdAt: CreationOptional<Date>;
}

/** A photo; its pictures lie in a folder beside the database. */
export interface PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  id: string;
  of: 'bag' | 'stock';
  ownerId: string;
  step: string | null;
  width: number;
  height: number;
  bytes: number;
  sha256: string;
  removedAt: CreationOptional<Date | null>;
  createdAt: CreationOptional<Date>;
}

export interface Models {
  Swatch: ModelStatic<LibraryRow>;
  Thing: ModelStatic<LibraryRow>;
  OwnStitch: ModelStatic<LibraryRow>;
  Notion: ModelStatic<LibraryRow>;
  Stock: ModelStatic<LibraryRow>;
  Bag: ModelStatic<BagRow>;
  History: ModelStatic<HistoryRow>;
  RefusedSave: ModelStatic<RefusedSaveRow>;
  Card: ModelStatic<CardRow>;
  Packings: ModelStatic<PackingsRow>;
  MakingEvent: ModelStatic<MakingEventRow>;
  Photo: ModelStatic<PhotoRow>;
}

// Made anew for each column: Sequelize writes the column's name into the description it is given.
const id = () => ({ type: DataTypes.STRING(40), primaryKey: true });
const json = () => ({ type: DataTypes.TEXT, allowNull: false });
const time = () => ({ type: DataTypes.DATE, allowNull: false });

/** Defines the models on a connection. The tables themselves are made by the migrations. */
export function defineModels(sequelize: Sequelize): Models {
  const library = (model: string, tableName: string) =>
    sequelize.define<LibraryRow>(
      model,
      {
        id: id(),
        name: { type: DataTypes.STRING(80), allowNull: false },
        document: json(),
        createdAt: time(),
        updatedAt: time(),
      },
      { tableName },
    );
  const Bag = sequelize.define<BagRow>(
    'Bag',
    {
      id: id(),
      name: { type: DataTypes.STRING(80), allowNull: false },
      design: json(),
      revision: { type: DataTypes.INTEGER, allowNull: false, defaultValue: 1 },
      swatchId: { type: DataTypes.STRING(40), allowNull: true },
      lastSaveId: { type: DataTypes.STRING(40), allowNull: true },
      archivedAt: { type: DataTypes.DATE, allowNull: true },
      createdAt: time(),
      updatedAt: time(),
    },
    { tableName: 'bags' },
  );
  const History = sequelize.define<HistoryRow>(
    'History',
    { bagId: id(), document: json(), updatedAt: time() },
    { tableName: 'bag_histories', createdAt: false },
  );
  // Asked for together, both are of one moment.
  Bag.hasOne(History, { as: 'kept', foreignKey: 'bagId' });
  const RefusedSave = sequelize.define<RefusedSaveRow>(
    'RefusedSave',
    {
      id: id(),
      bagId: { type: DataTypes.STRING(40), allowNull: false },
      baseRevision: { type: DataTypes.INTEGER, allowNull: false },
      design: json(),
      createdAt: time(),
    },
    { tableName: 'refused_saves', updatedAt: false },
  );
  const madeBy = () => ({ type: DataTypes.STRING(80), allowNull: false });
  const Card = sequelize.define<CardRow>(
    'Card',
    { bagId: id(), revision: { type: DataTypes.INTEGER, allowNull: false }, madeBy: madeBy(), document: json() },
    { tableName: 'bag_cards', timestamps: false },
  );
  const Packings = sequelize.define<PackingsRow>(
    'Packings',
    { things: { type: DataTypes.STRING(64), primaryKey: true }, madeBy: madeBy(), document: json() },
    { tableName: 'packings', timestamps: false },
  );
  const MakingEvent = sequelize.define<MakingEventRow>(
    'MakingEvent',
    {
      place: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      id: { type: DataTypes.STRING(40), allowNull: false },
      bagId: { type: DataTypes.STRING(40), allowNull: false },
      document: json(),
      createdAt: time(),
    },
    { tableName: 'making_events', updatedAt: false },
  );
  const whole = () => ({ type: DataTypes.INTEGER, allowNull: false });
  const Photo = sequelize.define<PhotoRow>(
    'Photo',
    {
      id: id(),
      of: { type: DataTypes.STRING(10), allowNull: false },
      ownerId: { type: DataTypes.STRING(40), allowNull: false },
      step: { type: DataTypes.STRING(120), allowNull: true },
      width: whole(),
      height: whole(),
      bytes: whole(),
      sha256: { type: DataTypes.STRING(64), allowNull: false },
      removedAt: { type: DataTypes.DATE, allowNull: true },
      createdAt: time(),
    },
    { tableName: 'photos', updatedAt: false },
  );
  return {
    Swatch: library('Swatch', 'swatches'),
    Thing: library('Thing', 'things'),
    Notion: library('Notion', 'notions'),
    Stock: library('Stock', 'stock'),
    OwnStitch: library('OwnStitch', 'own_stitches'),
    Bag,
    History,
    RefusedSave,
    Card,
    Packings,
    MakingEvent,
    Photo,
  };
}
