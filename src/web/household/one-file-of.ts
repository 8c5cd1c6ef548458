/** Several files as one: an archive of them; one file is itself. Two of one name have a number. */
export async function oneFileOf(files: readonly File[]): Promise<Blob> {
  if (files.length === 1) return files[0]!;
  const { zip } = await import('fflate');
  const packed: Record<string, Uint8Array> = {};
  for (const file of files) {
    let { name } = file;
    for (let n = 2; packed[name] !== undefined; n++) name = `${n} ${file.name}`;
    packed[name] = new Uint8Array(await file.arrayBuffer());
  }
  return new Promise((resolve, reject) =>
    zip(packed, { level: 1 }, (wrong, bytes) =>
      wrong === null ? resolve(new Blob([bytes as Uint8Array<ArrayBuffer>])) : reject(wrong),
    ),
  );
}
