import { Model } from 'objection';

export class ChangeRecord extends Model {
  static override tableName = 'changes';
  static override jsonAttributes = ['fields', 'before'];
  declare id: string;
  declare house_id: string;
  declare sequence: string;
  declare made_at: Date;
  declare property_id: string;
  declare job_id: string;
  declare actor: string;
  declare device_at: Date | string | null;
  declare kind: string;
  declare entity_id: string;
  declare op: string;
  declare base: number;
  declare fields: Record<string, unknown>;
  declare before: Record<string, unknown> | null;
  declare revision: number | null;
}
