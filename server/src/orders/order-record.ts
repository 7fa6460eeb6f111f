import { Model } from 'objection';

export class OrderRecord extends Model {
  static override tableName = 'orders';
  static override jsonAttributes = ['inputs', 'catalogue', 'decided'];
  declare id: string;
  declare house_id: string;
  declare job_id: string;
  declare number: number;
  declare issued_at: Date;
  declare issued_by: string;
  declare engine: string;
  declare catalogue_version: string;
  declare inputs_hash: string;
  declare inputs: Record<string, unknown>;
  declare catalogue: Record<string, unknown>;
  declare decided: Record<string, unknown>;
  declare document: string;
  declare document_sha256: string;
}
