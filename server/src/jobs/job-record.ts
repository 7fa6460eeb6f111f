import { Model } from 'objection';

export class JobRecord extends Model {
  static override tableName = 'jobs';
  static override jsonAttributes = ['field_revisions', 'detail'];
  declare id: string;
  declare house_id: string;
  declare property_id: string;
  declare name: string;
  declare customer: string;
  declare revision: number;
  declare field_revisions: Record<string, number>;
  declare detail: Record<string, unknown>;
  declare created_at: Date;
  declare updated_at: Date | string;
  declare deleted_at: Date | string | null;
}
