/** Why something is proposed, refused or said: the rule, its sentence, and where its figures come from. */
export interface Reason {
  readonly rule: string;
  readonly text: string;
  readonly source?: string;
}
