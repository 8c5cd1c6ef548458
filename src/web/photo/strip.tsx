import { useEffect, useRef } from 'react';
import type { PhotoBox } from '../../core/photo/recognised.ts';

interface StripProps {
  readonly picture: HTMLImageElement;
  readonly box: PhotoBox;
  /** What was read there, for those who do not see it. */
  readonly words: string;
}

/** Around a line, as a share of its height. */
const EDGE_OF_STRIP = 0.3;

/** The part of a photograph that a line was read from. */
export function Strip({ picture, box, words }: StripProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const around = (box.bottom - box.top) * EDGE_OF_STRIP;
  const left = Math.max(0, box.left - around);
  const top = Math.max(0, box.top - around);
  const width = Math.max(1, Math.round(Math.min(picture.naturalWidth, box.right + around) - left));
  const height = Math.max(1, Math.round(Math.min(picture.naturalHeight, box.bottom + around) - top));
  useEffect(() => {
    canvas.current?.getContext('2d')?.drawImage(picture, left, top, width, height, 0, 0, width, height);
  }, [picture, left, top, width, height]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      role="img"
      aria-label={`The picture where “${words}” was read`}
      className="block h-auto max-h-11 w-auto max-w-full rounded border border-rule bg-white"
    />
  );
}
