import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';
import type { DocumentKind } from '@hodsman/core';

/** A row of `documents`: the newest state of a document, whole, as JSON text, with the number of its version (from 1). */
export class DocumentRow extends Model<InferAttributes<DocumentRow>, InferCreationAttributes<DocumentRow>> {
  declare id: string;
  declare kind: DocumentKind;
  declare version: number;
  declare title: string;
  /** The form of the body: how many migrations it has behind it, and one. */
  declare form: number;
  declare body: string;
  /** What a list shows, as JSON text; null until the core has read the body. */
  declare summary: string | null;
  declare isReadable: boolean;
  declare createdAt: Date;
  declare updatedAt: Date;
  /** When somebody removed it; null while it is there. */
  declare removedAt: Date | null;
}

/** A row of `document_versions`: one state of a document, and the save that wrote it. */
export class VersionRow extends Model<InferAttributes<VersionRow>, InferCreationAttributes<VersionRow>> {
  declare documentId: string;
  declare version: number;
  declare saveId: string;
  declare form: number;
  declare title: string;
  declare body: string;
  declare savedAt: Date;
  declare savedBy: string | null;
}

export interface DocumentModels {
  readonly Document: typeof DocumentRow;
  readonly Version: typeof VersionRow;
}

/** Ties the models to a connection of their own, so that several may be open in one process. */
export function defineDocuments(sequelize: Sequelize): DocumentModels {
  class Document extends DocumentRow {}
  class Version extends VersionRow {}
  Document.init(
    {
      id: { type: DataTypes.STRING(64), primaryKey: true },
      kind: { type: DataTypes.STRING(16), allowNull: false },
      version: { type: DataTypes.INTEGER, allowNull: false },
      title: { type: DataTypes.STRING(120), allowNull: false },
      form: { type: DataTypes.INTEGER, allowNull: false },
      body: { type: DataTypes.TEXT('long'), allowNull: false },
      summary: { type: DataTypes.TEXT('long'), allowNull: true },
      isReadable: { type: DataTypes.BOOLEAN, allowNull: false },
      createdAt: { type: DataTypes.DATE(3), allowNull: false },
      updatedAt: { type: DataTypes.DATE(3), allowNull: false },
      removedAt: { type: DataTypes.DATE(3), allowNull: true },
    },
    { sequelize, tableName: 'documents' },
  );
  Version.init(
    {
      documentId: { type: DataTypes.STRING(64), primaryKey: true },
      version: { type: DataTypes.INTEGER, primaryKey: true },
      saveId: { type: DataTypes.STRING(64), allowNull: false },
      form: { type: DataTypes.INTEGER, allowNull: false },
      title: { type: DataTypes.STRING(120), allowNull: false },
      body: { type: DataTypes.TEXT('long'), allowNull: false },
      savedAt: { type: DataTypes.DATE(3), allowNull: false },
      savedBy: { type: DataTypes.STRING(120), allowNull: true },
    },
    { sequelize, tableName: 'document_versions' },
  );
  return { Document, Version };
}
