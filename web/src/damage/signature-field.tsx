import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import SignaturePad from 'signature_pad';
import { SIGNATURE_HEIGHT, SIGNATURE_WIDTH, signaturePath } from './signature-path.ts';
import { say } from '../messages/damage.ts';

/** A field to sign in with a finger, a pen or the mouse. */
export function SignatureField({ take }: { readonly take: (path: string) => void }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const pad = useRef<SignaturePad | null>(null);
  useEffect(() => {
    const on = canvas.current;
    if (!on) return undefined;
    const signaturePad = new SignaturePad(on, { penColor: '#16302b', minWidth: 1, maxWidth: 2.6 });
    pad.current = signaturePad;
    const fit = () => {
      // Points of the screen are drawn one by one; what was signed is drawn again at the new size.
      const ratio = Math.max(1, window.devicePixelRatio);
      const strokes = signaturePad.toData();
      on.width = on.offsetWidth * ratio;
      on.height = on.offsetHeight * ratio;
      on.getContext('2d')?.scale(ratio, ratio);
      signaturePad.fromData(strokes);
    };
    const ended = () => {
      take(signaturePath(signaturePad.toData(), SIGNATURE_WIDTH / on.offsetWidth));
    };
    fit();
    signaturePad.addEventListener('endStroke', ended);
    window.addEventListener('resize', fit);
    return () => {
      signaturePad.off();
      signaturePad.removeEventListener('endStroke', ended);
      window.removeEventListener('resize', fit);
    };
  }, [take]);
  return (
    <div className="signature-field">
      <canvas
        ref={canvas}
        aria-label={say('sign-here')}
        style={{ aspectRatio: `${SIGNATURE_WIDTH} / ${SIGNATURE_HEIGHT}` }}
      />
      <Button
        size="small"
        onClick={() => {
          pad.current?.clear();
          take('');
        }}
      >
        {say('sign-again')}
      </Button>
    </div>
  );
}
