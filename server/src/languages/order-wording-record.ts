import { Model } from 'objection';

export class OrderWordingRecord extends Model {
  static override tableName = 'order_wordings';
  static override idColumn = ['order_id', 'language'];
  declare order_id: string;
  declare language: string;
  declare made_at: Date;
  declare document: string;
  declare document_sha256: string;
}
