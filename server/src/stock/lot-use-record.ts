import { Model } from 'objection';

export class LotUseRecord extends Model {
  static override tableName = 'lot_uses';
  declare id: string;
  declare house_id: string;
  declare lot: string;
  declare job_id: string;
  /** Numeric comes as text. */
  declare amount: string;
  declare written_by: string;
  declare written_at: Date;
}
