import { Model } from 'objection';

export class PropertyRecord extends Model {
  static override tableName = 'properties';
  declare id: string;
  declare house_id: string;
  declare name: string;
  declare customer_id: string | null;
}
