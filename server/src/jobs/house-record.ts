import { Model } from 'objection';

export class HouseRecord extends Model {
  static override tableName = 'houses';
  declare id: string;
  declare name: string;
  declare next_order_number: number;
  declare handbook_revision: number;
  declare demo_given_at: Date | null;
}
