import { ScanBarcode } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import type { Product } from '../../contract/product.ts';
import { readBarcode } from '../../core/food/barcode.ts';
import type { Food } from '../../core/food/food.ts';
import { LabelForm } from '../components/label-form.tsx';
import { useHousehold } from '../context/household-context.ts';
import { ApiError, ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { isTyping } from '../kit/is-typing.ts';
import { Modal } from '../kit/modal.tsx';
import { errorWords } from '../kit/say-error.ts';
import { TakePhoto } from '../photo/take-photo.tsx';
import { documents } from '../saving/use-document.ts';
import { barcodeOfPicture } from './barcode-of-picture.ts';
import { hasLiveCamera, LiveCamera } from './live-camera.tsx';

/**
 * A scanner types like a keyboard: digits into no field, none later than this after the one before, then Enter, ms.
 * Nobody types eight digits into nothing by hand, so a slow scanner over the air, or a busy phone, may take its time.
 */
const SCAN_GAP_MS = 1000;

interface BarcodeFieldProps {
  /** What to do with the food of a code; grams of its package where the lookup knows them. */
  readonly onFood: (foodId: string, packageGrams: number | null) => void;
}

/** Takes a barcode, typed, scanned anywhere on the page or photographed, and finds its food; an unknown one leads to its label. */
export function BarcodeField({ onFood }: BarcodeFieldProps) {
  const { household } = useHousehold();
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const [seeing, setSeeing] = useState(false);
  const [watching, setWatching] = useState(false);
  const [label, setLabel] = useState<{ code: string; product: Product | null } | null>(null);

  const look = async (typed: string) => {
    const read = readBarcode(typed);
    if ('wrong' in read) return setWrong(read.wrong);
    setWrong(null);
    try {
      const found = await ask(API.barcode, { h: household.id, code: read.code });
      if (found.foodId !== null) onFood(found.foodId, null);
      else setLabel({ code: read.code, product: found.product });
      setText('');
    } catch (e) {
      if (e instanceof ApiError && e.problem.status === 404) setLabel({ code: read.code, product: null });
      else setWrong(errorWords(e));
    }
  };
  /** A photograph needs no camera that the page may use: it works wherever the phone reaches Imbiss. */
  const see = async (picture: Blob) => {
    setSeeing(true);
    const code = await barcodeOfPicture(picture).catch(() => undefined);
    setSeeing(false);
    if (code === undefined) return setWrong('This picture could not be read. Take another, or type the digits.');
    if (code === null) {
      return setWrong('No barcode was seen on this picture. Hold it closer, in good light, or type the digits.');
    }
    setText(code);
    await look(code);
  };
  useScanner((code) => {
    setText(code);
    void look(code);
  });

  const keep = async (food: Food) => {
    if (label === null) return;
    await documents
      .hold({ householdId: household.id, name: 'barcodes', id: label.code }, null)
      .want({ wants: 'make', document: { code: label.code, foodId: food.id } });
    await refresh.pantry(household.id);
    setLabel(null);
    onFood(food.id, label.product?.packageGrams ?? null);
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        void look(text);
      }}
    >
      <div>
        <label className="label" htmlFor="barcode">
          Barcode
        </label>
        <input
          id="barcode"
          inputMode="numeric"
          autoComplete="off"
          className="field w-full max-w-48"
          placeholder="type it, or scan"
          value={text}
          aria-invalid={wrong !== null}
          aria-describedby="barcode-wrong"
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      <button type="submit" className="btn">
        Look it up
      </button>
      {hasLiveCamera() && (
        <button type="button" className="btn" onClick={() => setWatching(true)}>
          <ScanBarcode size={20} aria-hidden="true" /> Use the camera
        </button>
      )}
      <TakePhoto words={seeing ? 'Looking…' : 'Photograph it'} isBusy={seeing} onPhoto={(p) => void see(p)} />
      <p id="barcode-wrong" role="alert" className="w-full text-beet text-sm">
        {wrong}
      </p>
      {watching && (
        <LiveCamera
          onClose={() => setWatching(false)}
          onCode={(code) => {
            setWatching(false);
            setText(code);
            void look(code);
          }}
        />
      )}
      {label && (
        <Modal
          title={label.product ? 'Is this what the label says?' : 'Nobody knows this barcode'}
          onClose={() => setLabel(null)}
        >
          <p className="mb-3 text-soft">
            {label.product
              ? 'As printed. Compare it with the package, then keep it.'
              : 'Enter what the label says; the code is remembered with it.'}
          </p>
          <LabelForm
            name=""
            printed={label.product ? { ...label.product.label, id: uuid() } : null}
            onDone={keep}
            onCancel={() => setLabel(null)}
          />
        </Modal>
      )}
    </form>
  );
}

/** Hears a keyboard-wedge scanner while no field is typed in: digits, then Enter. */
function useScanner(onCode: (code: string) => void): void {
  const latest = useRef(onCode);
  latest.current = onCode;
  useEffect(() => {
    let digits = '';
    let last = 0;
    const onKey = (e: KeyboardEvent) => {
      if (isTyping(e) || e.key === 'Shift' || e.ctrlKey || e.metaKey || e.altKey) return;
      if (e.timeStamp - last > SCAN_GAP_MS) digits = '';
      last = e.timeStamp;
      const code = digits;
      digits = /^\d$/.test(e.key) ? code + e.key : '';
      if (e.key === 'Enter' && code.length >= 8) {
        e.preventDefault();
        latest.current(code);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
