import { Model } from 'objection';

export class LotReservationRecord extends Model {
  static override tableName = 'lot_reservations';
  static override idColumn = ['house_id', 'lot', 'job_id'];
  declare house_id: string;
  declare lot: string;
  declare job_id: string;
  declare order_number: number;
  /** Numeric comes as text. */
  declare amount: string;
  /** Where the job was joined. */
  declare job_name?: string;
}
