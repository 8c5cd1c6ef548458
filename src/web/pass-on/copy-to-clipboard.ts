import { toast } from 'sonner';

/** Copies a text; where the browser refuses the clipboard, says so, for that needs a secure address. */
export async function copyToClipboard(text: string, done: string, otherwise: string | null): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    toast.success(done);
  } catch {
    toast(
      `${otherwise ? `${otherwise} ` : ''}This browser allows copying only on a secure address (https, or this machine). Mark the text and copy it by hand.`,
    );
  }
}
