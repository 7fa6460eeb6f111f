/** On whose behalf a store is called: every row belongs to a company, every change to an actor. */
export interface Context {
  readonly house: string;
  readonly actor: string;
}
