import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { say } from '../../messages/walk.ts';

/** What the surface looked like before the work. */
export function PhotosPart({ surface, name }: { readonly surface: string; readonly name: string }) {
  return (
    <div className="sheet-part">
      <h3>{say('photos')}</h3>
      <PhotoStrip kind="photo" of={surface} what={name} surface={surface} />
    </div>
  );
}
