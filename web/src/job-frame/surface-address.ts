import { useMatch } from 'react-router';

/** Stations that open on one surface; from the others a surface leads to the walk. */
const BY_SURFACE: readonly string[] = ['walk', 'treat', 'supply', 'sequence'];

/** The address of a surface at the station that is open; a zone has a place of its own at all of them but the walk. */
export function useSurfaceAddress(
  jobId: string,
): (face: { readonly id: string; readonly zoneOf?: string | null }) => string {
  const open = useMatch('/jobs/:job/:station/*')?.params.station ?? 'walk';
  const station = BY_SURFACE.includes(open) ? open : 'walk';
  return ({ id, zoneOf }) => `/jobs/${jobId}/${station}/${station === 'walk' ? (zoneOf ?? id) : id}`;
}
