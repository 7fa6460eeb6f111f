import { Model } from 'objection';

export class HandbookEntryRecord extends Model {
  static override tableName = 'handbook_entries';
  static override idColumn = ['house_id', 'part', 'id'];
  static override jsonAttributes = ['detail'];
  declare house_id: string;
  declare part: string;
  declare id: string;
  declare revision: number;
  declare detail: Record<string, unknown>;
}

export class HandbookChangeRecord extends Model {
  static override tableName = 'handbook_changes';
  static override jsonAttributes = ['before', 'after'];
  declare id: string;
  declare sequence: string;
  declare house_id: string;
  declare actor: string;
  declare made_at: Date;
  declare part: string;
  declare entry_id: string;
  declare op: string;
  declare before: Record<string, unknown> | null;
  declare after: Record<string, unknown> | null;
}

export class DataSheetRecord extends Model {
  static override tableName = 'data_sheets';
  static override idColumn = ['house_id', 'sha256'];
  declare house_id: string;
  declare sha256: string;
  declare media_type: string;
  declare bytes: Buffer;
  declare received_at: Date;
  declare received_by: string;
}
