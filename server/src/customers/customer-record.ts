import { Model } from 'objection';

export class CustomerRecord extends Model {
  static override tableName = 'customers';
  static override jsonAttributes = ['contact'];
  declare id: string;
  declare house_id: string;
  declare name: string;
  /** What was filled in of the contact. */
  declare contact: Readonly<Record<string, string>>;
}
