import { FindDish } from '../components/find-dish.tsx';
import { Modal } from '../kit/modal.tsx';

interface AddToSheetProps {
  readonly onAdd: (recipeId: string, title: string) => void;
  readonly onClose: () => void;
}

/** Chooses a dish for a sheet, by some of its words. */
export function AddToSheet({ onAdd, onClose }: AddToSheetProps) {
  return (
    <Modal title="Add a dish" onClose={onClose}>
      <FindDish label="A dish of yours">
        {({ id, title }) => (
          <button
            type="button"
            className="min-h-touch w-full px-1 py-1.5 text-left hover:bg-beet-wash"
            onClick={() => onAdd(id, title)}
          >
            {title}
          </button>
        )}
      </FindDish>
    </Modal>
  );
}
