import { Model } from 'objection';

export class EntityRecord extends Model {
  static override tableName = 'entities';
  static override idColumn = ['property_id', 'id'];
  static override jsonAttributes = ['field_revisions', 'detail'];
  declare property_id: string;
  declare id: string;
  declare house_id: string;
  declare job_id: string | null;
  declare kind: string;
  declare parent_id: string | null;
  declare position: number;
  declare revision: number;
  declare field_revisions: Record<string, number>;
  declare detail: Record<string, unknown>;
}
