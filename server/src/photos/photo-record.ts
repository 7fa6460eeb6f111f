import { Model } from 'objection';

export class PhotoRecord extends Model {
  static override tableName = 'photos';
  static override idColumn = ['house_id', 'sha256'];
  declare house_id: string;
  declare sha256: string;
  declare bytes: number;
  declare width_pixels: number;
  declare height_pixels: number;
  declare taken_at: string | null;
  declare received_at: Date;
  declare received_by: string;
}
