import type { Material } from '../catalogue/material.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { MakeId } from '../survey/carried-over.ts';
import type { DraftChange } from '../survey/change.ts';
import { likeness } from '../survey/rearrange.ts';
import { ofMaterial, usualTilt, usualTop } from '../survey/surface.ts';
import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import type { QuickPart, QuickValue, SideChoice } from './quick-part.ts';
import { valueOf } from './quick-target.ts';
import type { Target } from './quick-target.ts';

type Fields = Record<string, unknown>;

/** Turns what was understood into changes; sides, features and names that one line makes are made once for all of it. */
export class DraftWriter {
  readonly drafts: DraftChange[] = [];
  private readonly survey: Survey;
  private readonly makeId: MakeId;
  private readonly made = new Map<string, string>();
  private readonly names: Set<string>;
  private position: number;

  constructor(survey: Survey, makeId: MakeId) {
    this.survey = survey;
    this.makeId = makeId;
    this.names = new Set(survey.surfaces.map((s) => s.name));
    this.position = Math.max(0, ...survey.surfaces.map((s) => s.position));
  }

  /** @returns the names of the surfaces, and the id of the first */
  write(
    target: Exclude<Target, { kind: 'open' }>,
    parts: readonly QuickPart[],
  ): { names: readonly string[]; first: string } {
    const written =
      target.kind === 'known'
        ? target.surfaces.map((surface) => this.change(surface, parts))
        : target.sides.map((side) => this.create(side, parts));
    return { names: written.map((w) => w.name), first: written[0]?.id ?? '' };
  }

  private materialOf(id: string): Material {
    return companyCatalogue(this.survey.handbook).material(id);
  }

  private create(side: SideChoice | null, parts: readonly QuickPart[]): { id: string; name: string } {
    const id = this.makeId();
    const place = valueOf(parts, 'place');
    const same = this.survey.surfaces.find((s) => s.id === valueOf(parts, 'same')?.id);
    const band = place?.band ?? same?.band ?? 'wall';
    const name = this.newName(valueOf(parts, 'name')?.name, place?.noun ?? band.replace('-', ' '), side);
    const [material = same?.material ?? '', ...unsure] = valueOf(parts, 'material')?.ids ?? [];
    this.position += 1;
    this.draft('surface', id, 'create', {
      ...(same ? likeness(same) : {}),
      name,
      side: side === null ? null : this.sideId(side),
      band,
      ...(same?.material === material ? {} : { material, finish: this.materialOf(material).finishes[0] }),
      ...(unsure.length > 0 ? { unsureBetween: unsure } : {}),
      ...(same ? {} : { size: '', tiltDegrees: usualTilt(band), footMetres: 0, topMetres: usualTop(band) }),
      position: this.position,
      ...this.said(parts, null),
    });
    const taken = new Set(parts.flatMap(({ value }) => contaminantIn(value)));
    for (const finding of this.survey.findings.filter((f) => f.surface === same?.id && f.zone === null)) {
      const { contaminant, severity, share, confidence } = finding;
      if (!taken.has(contaminant))
        this.draft('finding', this.makeId(), 'create', {
          surface: id,
          contaminant,
          severity,
          share,
          confidence,
        });
    }
    this.writeFindings(id, parts, []);
    return { id, name };
  }

  private change(surface: Surface, parts: readonly QuickPart[]): { id: string; name: string } {
    const { id } = surface;
    const [material, ...unsure] = valueOf(parts, 'material')?.ids ?? [];
    const name = valueOf(parts, 'name')?.name;
    const same = this.survey.surfaces.find((s) => s.id === valueOf(parts, 'same')?.id);
    const fields: Fields = {
      ...(same ? likeness(same) : {}),
      ...(name === undefined ? {} : { name }),
      ...(material === undefined
        ? {}
        : { ...ofMaterial(this.materialOf(material), surface), unsureBetween: unsure }),
      ...this.said(parts, surface),
    };
    if (Object.keys(fields).length > 0) this.draft('surface', id, 'patch', fields);
    this.writeFindings(
      id,
      parts,
      this.survey.findings.filter((f) => f.surface === id && f.zone === null),
    );
    return { id, name: name ?? surface.name };
  }

  /** Fields of a surface that the parts give; lists are added to what is there. */
  private said(parts: readonly QuickPart[], surface: Surface | null): Fields {
    const fields: Fields = {};
    const added = (field: 'conditions' | 'beside' | 'below' | 'behind' | 'drainsOnto', id: string) => {
      const ids = (fields[field] as readonly string[] | undefined) ?? surface?.[field] ?? [];
      fields[field] = ids.includes(id) ? ids : [...ids, id];
    };
    for (const { value } of parts) {
      if (value?.kind === 'size') fields['size'] = value.text;
      else if (value?.kind === 'finish') fields['finish'] = value.finish;
      else if (value?.kind === 'condition') added('conditions', value.id);
      else if (value?.kind === 'tilt') fields['tiltDegrees'] = value.degrees;
      else if (value?.kind === 'note')
        fields['note'] = [surface?.note, value.text].filter((text) => text).join('; ');
      else if (value?.kind === 'near') added(value.field, value.id);
      else if (value?.kind === 'near-new') added(value.field, this.featureId(value));
      else if (value?.kind === 'heights') {
        if (value.foot !== null) fields['footMetres'] = value.foot;
        if (value.top !== null) fields['topMetres'] = value.top;
      }
    }
    return fields;
  }

  private writeFindings(surface: string, parts: readonly QuickPart[], there: Survey['findings']): void {
    for (const { value } of parts) {
      if (value?.kind === 'finding') {
        const finding = there.find((f) => f.contaminant === value.contaminant);
        const fields = {
          ...(value.severity === null ? {} : { severity: value.severity }),
          ...(value.share === null ? {} : { share: value.share }),
          ...(value.confidence < 1 ? { confidence: value.confidence } : {}),
        };
        if (finding) this.draft('finding', finding.id, 'patch', fields);
        else
          this.draft('finding', this.makeId(), 'create', {
            surface,
            contaminant: value.contaminant,
            ...fields,
          });
      } else if (value?.kind === 'removal') {
        const finding = there.find((f) => f.contaminant === value.contaminant);
        if (finding) this.draft('finding', finding.id, 'delete', {});
      } else if (value?.kind === 'scope') this.scope(surface, { inScope: false, scopeReason: value.reason });
      else if (value?.kind === 'nothing') this.scope(surface, { nothingFound: true });
    }
  }

  private scope(surface: string, fields: Fields): void {
    const there = this.survey.scopes.find((s) => s.surface === surface);
    if (there) this.draft('scope', there.id, 'patch', fields);
    else this.draft('scope', this.makeId(), 'create', { surface, ...fields });
  }

  private sideId(side: SideChoice): string {
    if (side.id !== null) return side.id;
    return this.once(`side ${side.name}`, 'side', {
      name: side.name,
      aspectDegrees: side.degrees,
      position: this.survey.sides.length,
    });
  }

  private featureId({ feature, name }: Extract<QuickValue, { kind: 'near-new' }>): string {
    return this.once(`feature ${name}`, 'feature', { name, kind: feature });
  }

  private once(key: string, kind: 'side' | 'feature', fields: Fields): string {
    const there = this.made.get(key);
    if (there !== undefined) return there;
    const id = this.makeId();
    this.made.set(key, id);
    this.draft(kind, id, 'create', fields);
    return id;
  }

  private newName(given: string | undefined, noun: string, side: SideChoice | null): string {
    const plain =
      given ?? `${noun.charAt(0).toUpperCase()}${noun.slice(1)}${side ? `, ${side.name.toLowerCase()}` : ''}`;
    let name = plain;
    for (let n = 2; this.names.has(name); n += 1) name = `${plain} ${n}`;
    this.names.add(name);
    return name;
  }

  private draft(kind: DraftChange['kind'], entity: string, op: DraftChange['op'], fields: Fields): void {
    this.drafts.push({ kind, entity, op, fields });
  }
}

function contaminantIn(value: QuickValue | null): readonly string[] {
  return value?.kind === 'finding' || value?.kind === 'removal' ? [value.contaminant] : [];
}
