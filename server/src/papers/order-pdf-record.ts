import { Model } from 'objection';

export class OrderPdfRecord extends Model {
  static override tableName = 'order_pdfs';
  static override idColumn = 'order_id';
  declare order_id: string;
  declare house_id: string;
  declare asked_at: Date;
  declare made_at: Date | null;
  declare pdf: Buffer | null;
  declare sha256: string | null;
  declare failed_why: string | null;
}
