import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A row of `left_open`: something that a recipe left open about a bread; `matter` as JSON text, `place` counts from 0 in its list. */
export class LeftOpenRow extends Model<InferAttributes<LeftOpenRow>, InferCreationAttributes<LeftOpenRow>> {
  declare documentId: string;
  declare place: number;
  declare matter: string;
  declare isLookedAt: CreationOptional<boolean>;
}

/** Ties the model to a connection of its own. */
export function defineLeftOpen(sequelize: Sequelize): typeof LeftOpenRow {
  class LeftOpen extends LeftOpenRow {}
  LeftOpen.init(
    {
      documentId: { type: DataTypes.STRING(64), primaryKey: true },
      place: { type: DataTypes.INTEGER, primaryKey: true },
      matter: { type: DataTypes.TEXT, allowNull: false },
      isLookedAt: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
    },
    { sequelize, tableName: 'left_open', timestamps: false },
  );
  return LeftOpen;
}
