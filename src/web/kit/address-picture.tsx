import { useMemo } from 'react';
import { encode } from 'uqr';

/** An address as a QR code (ISO/IEC 18004), dark on light in any theme so that cameras read it. */
export function AddressPicture({ of }: { readonly of: string }) {
  const { size, path } = useMemo(() => {
    const { data, size } = encode(of, { border: 2 });
    const path = data.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join('');
    return { size, path };
  }, [of]);
  return (
    <svg viewBox={`0 0 ${size} ${size}`} className="size-40 rounded-lg" role="img" aria-label={`QR code of ${of}`}>
      <rect width={size} height={size} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
