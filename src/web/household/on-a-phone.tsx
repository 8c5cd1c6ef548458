import { useAddresses } from '../data/queries.ts';
import { AddressPicture } from '../kit/address-picture.tsx';

/** How a phone in the kitchen comes here: the address as words and as a picture to point it at. */
export function OnAPhone() {
  const { data: addresses } = useAddresses();
  if (addresses === undefined) return null;
  const [first, ...others] = addresses;
  return (
    <section aria-label="On a phone" className="mt-8">
      <h2 className="text-xl">On a phone</h2>
      {first === undefined ? (
        <p className="mt-1 text-soft">
          Imbiss listens on this machine alone. How it is opened to the phones of the house, with a passphrase and a
          certificate, stands in the file docs/on-a-phone.md.
        </p>
      ) : (
        <div className="mt-2 flex flex-wrap items-start gap-5">
          <AddressPicture of={first} />
          <div className="max-w-md">
            <p className="[overflow-wrap:anywhere]">
              <strong>{first}</strong>
            </p>
            {others.length > 0 && <p className="text-soft text-sm [overflow-wrap:anywhere]">or {others.join(', ')}</p>}
            {first.startsWith('http://') && (
              <p className="mt-2 text-mustard text-sm">
                Without a certificate a phone's browser keeps some things back here: the screen does not stay awake,
                nothing is copied with a press, the camera reads no barcodes. Everything else works.
              </p>
            )}
          </div>
        </div>
      )}
    </section>
  );
}
