import { Camera } from 'lucide-react';

interface TakePhotoProps {
  readonly words: string;
  readonly onPhoto: (photo: File) => void;
  readonly isBusy?: boolean;
}

/** Takes a photograph where the device has a camera, and a picture file everywhere. */
export function TakePhoto({ words, onPhoto, isBusy = false }: TakePhotoProps) {
  return (
    <label className="btn cursor-pointer focus-within:outline-2 focus-within:outline-beet">
      <Camera size={20} aria-hidden="true" /> {words}
      <input
        type="file"
        className="sr-only"
        accept="image/*"
        capture="environment"
        disabled={isBusy}
        onChange={(e) => {
          const [photo] = e.target.files ?? [];
          e.target.value = '';
          if (photo) onPhoto(photo);
        }}
      />
    </label>
  );
}
