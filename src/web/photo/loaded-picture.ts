/** A picture once it can be drawn from. @throws when it cannot be */
export async function loadedPicture(address: string): Promise<HTMLImageElement> {
  const picture = new Image();
  picture.src = address;
  await picture.decode();
  return picture;
}
