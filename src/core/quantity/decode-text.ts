/**
 * The text of a file's bytes: UTF-8 or UTF-16 as its mark says, else UTF-8 where that is what they are, else
 * Windows-1252, which old programs write. Null for what is no text.
 *
 * @example decodeText(new Uint8Array([0x43, 0x72, 0xe8, 0x6d, 0x65])) // 'Crème'
 */
export function decodeText(bytes: Uint8Array): string | null {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  if (bytes.includes(0)) return null;
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
