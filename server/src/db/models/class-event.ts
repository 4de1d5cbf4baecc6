import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';

/** A row of `class_events`: one thing that happened in a class; `data` as JSON text, `seq` counts from 1 within the class. */
export class ClassEventRow extends Model<InferAttributes<ClassEventRow>, InferCreationAttributes<ClassEventRow>> {
  declare classId: string;
  declare seq: number;
  /** Made by the device: an event that is sent twice is one. */
  declare id: string;
  declare device: string;
  declare who: string;
  /** When it happened, by the server's clock. */
  declare at: Date;
  declare kind: string;
  declare data: string;
  declare appendedAt: Date;
}

/** Ties the model to a connection of its own. */
export function defineClassEvents(sequelize: Sequelize): typeof ClassEventRow {
  class ClassEvent extends ClassEventRow {}
  ClassEvent.init(
    {
      classId: { type: DataTypes.STRING(64), primaryKey: true },
      seq: { type: DataTypes.INTEGER, primaryKey: true },
      id: { type: DataTypes.STRING(64), allowNull: false },
      device: { type: DataTypes.STRING(64), allowNull: false },
      who: { type: DataTypes.STRING(120), allowNull: false },
      at: { type: DataTypes.DATE(3), allowNull: false },
      kind: { type: DataTypes.STRING(32), allowNull: false },
      data: { type: DataTypes.TEXT('long'), allowNull: false },
      appendedAt: { type: DataTypes.DATE(3), allowNull: false },
    },
    { sequelize, tableName: 'class_events' },
  );
  return ClassEvent;
}
