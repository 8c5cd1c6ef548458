import { SaveAsFormat } from '../components/save-as-format.tsx';
import { CarryIn } from './carry-in.tsx';
import { CarryOut } from './carry-out.tsx';

/** A household goes out whole as one file, and another’s comes in. */
export function Carrying() {
  return (
    <section aria-label="As a file" className="mt-8 max-w-3xl">
      <h2 className="text-xl">As a file</h2>
      <CarryOut />
      <CarryIn />
      <div className="mt-5">
        <SaveAsFormat versionId={null} />
      </div>
    </section>
  );
}
