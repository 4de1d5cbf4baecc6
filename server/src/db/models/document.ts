import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';

export const DOCUMENT_KINDS = ['bread', 'kitchen', 'class', 'pantry'] as const;
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

/** A row of `documents`: a bread, a kitchen, a class or a pantry, whole, as JSON text, with the number of its version (from 1). */
export class DocumentRow extends Model<InferAttributes<DocumentRow>, InferCreationAttributes<DocumentRow>> {
  declare id: string;
  declare kind: DocumentKind;
  declare version: number;
  declare title: string;
  declare body: string;
  declare createdAt: Date;
  declare updatedAt: Date;
}

/** Ties the model to a connection. */
export function defineDocument(sequelize: Sequelize): typeof DocumentRow {
  DocumentRow.init(
    {
      id: { type: DataTypes.STRING(64), primaryKey: true },
      kind: { type: DataTypes.STRING(16), allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      title: { type: DataTypes.STRING(120), allowNull: false },
      body: { type: DataTypes.TEXT('long'), allowNull: false },
      createdAt: { type: DataTypes.DATE(3), allowNull: false },
      updatedAt: { type: DataTypes.DATE(3), allowNull: false },
    },
    { sequelize, tableName: 'documents' },
  );
  return DocumentRow;
}
