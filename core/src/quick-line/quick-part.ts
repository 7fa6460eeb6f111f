import type { Severity } from '../catalogue/contaminant.ts';
import type { Finish } from '../catalogue/material.ts';
import type { EntityId } from '../survey/entity-id.ts';
import type { FeatureKind } from '../survey/feature.ts';
import type { Band, SURROUNDING_FIELDS } from '../survey/surface.ts';

/** A change to the line itself: what a person chooses among proposals and answers is written into it. */
export interface QuickEdit {
  readonly label: string;
  readonly at: number;
  /** Characters that it takes away. */
  readonly length: number;
  readonly text: string;
}

/** A side that is there, or one that the line makes. */
export type SideChoice =
  | { readonly id: EntityId; readonly name: string }
  | { readonly id: null; readonly name: string; readonly degrees: number };

/** What a part of the line says. */
export type QuickValue =
  | { readonly kind: 'sides'; readonly sides: readonly SideChoice[] }
  | { readonly kind: 'place'; readonly band: Band; readonly noun: string }
  | { readonly kind: 'surface'; readonly id: EntityId }
  | { readonly kind: 'new' }
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'material'; readonly ids: readonly string[] }
  | { readonly kind: 'finish'; readonly finish: Finish }
  | { readonly kind: 'condition'; readonly id: string }
  | { readonly kind: 'size'; readonly text: string }
  | { readonly kind: 'heights'; readonly foot: number | null; readonly top: number | null }
  | { readonly kind: 'tilt'; readonly degrees: number }
  | {
      readonly kind: 'finding';
      readonly contaminant: string;
      readonly severity: Severity | null;
      readonly share: number | null;
      readonly confidence: number;
    }
  | { readonly kind: 'removal'; readonly contaminant: string }
  | {
      readonly kind: 'near';
      readonly field: (typeof SURROUNDING_FIELDS)[number];
      readonly id: EntityId;
    }
  | {
      readonly kind: 'near-new';
      readonly field: (typeof SURROUNDING_FIELDS)[number];
      readonly feature: FeatureKind;
      readonly name: string;
    }
  | { readonly kind: 'same'; readonly id: EntityId }
  | { readonly kind: 'scope'; readonly reason: string }
  | { readonly kind: 'nothing' }
  | { readonly kind: 'note'; readonly text: string };

/** A stretch of the line as it was understood, or why it was not. */
export interface QuickPart {
  readonly at: number;
  readonly length: number;
  /** In the words of the survey. */
  readonly label: string;
  /** Null while it is not understood. */
  readonly value: QuickValue | null;
  /** Why it is not understood, or what must be answered; null when all is well. */
  readonly fault: string | null;
  readonly options: readonly QuickEdit[];
}
