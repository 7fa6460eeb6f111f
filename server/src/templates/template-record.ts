import { Model } from 'objection';

export class TemplateRecord extends Model {
  static override tableName = 'templates';
  static override jsonAttributes = ['file'];
  declare id: string;
  declare house_id: string;
  declare name: string;
  declare file: Record<string, unknown>;
}
