import { useEffect, useRef, useState } from 'react';
import { Modal } from '../kit/modal.tsx';
import { useLatest } from '../kit/use-latest.ts';
import { barcodeReader } from './barcode-of-picture.ts';

/** Whether this browser lets a page look through the camera: over the house's network it needs a secure address. */
export const hasLiveCamera = (): boolean => navigator.mediaDevices?.getUserMedia !== undefined;

/** Between two looks, ms: a hand needs time to come closer. */
const BETWEEN_LOOKS_MS = 150;

const stop = (stream: MediaStream | null): void => {
  for (const track of stream?.getTracks() ?? []) track.stop();
};

type Watching = 'asking' | 'looking' | 'refused' | 'none';

/** Looks through the camera until it sees a barcode. */
export function LiveCamera({ onCode, onClose }: { onCode: (code: string) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [watching, setWatching] = useState<Watching>('asking');
  const { found } = useLatest({ found: onCode });
  useEffect(() => {
    let isOver = false;
    let stream: MediaStream | null = null;
    const reader = barcodeReader();
    const watch = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      } catch (e) {
        const isRefused = e instanceof DOMException && e.name === 'NotAllowedError';
        return void (isOver || setWatching(isRefused ? 'refused' : 'none'));
      }
      const seen = video.current;
      if (isOver || seen === null) return stop(stream);
      seen.srcObject = stream;
      await seen.play();
      setWatching('looking');
      const canvas = document.createElement('canvas');
      while (!isOver) {
        canvas.width = seen.videoWidth;
        canvas.height = seen.videoHeight;
        canvas.getContext('2d')?.drawImage(seen, 0, 0);
        const picture = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg'));
        const code = picture === null ? null : await reader.of(picture).catch(() => null);
        if (code !== null && !isOver) return found(code);
        await new Promise((resolve) => setTimeout(resolve, BETWEEN_LOOKS_MS));
      }
    };
    void watch();
    return () => {
      isOver = true;
      reader.end();
      stop(stream);
    };
  }, [found]);
  return (
    <Modal title="Hold the barcode before the camera" onClose={onClose}>
      <video ref={video} muted playsInline className="aspect-[4/3] w-full rounded-lg bg-black object-cover" />
      <p role="status" className="mt-2 text-soft">
        {WATCHING_WORDS[watching]}
      </p>
    </Modal>
  );
}

const WATCHING_WORDS: Readonly<Record<Watching, string>> = {
  asking: 'Allow the camera, if the browser asks.',
  looking: 'Looking. Nothing is recorded.',
  refused:
    'The browser does not allow the camera here. Allow it in its settings, take a photograph, or type the digits.',
  none: 'There is no camera to look through. Take a photograph, or type the digits.',
};
