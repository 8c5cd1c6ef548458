/** Gives the browser something to save as a file. */
export function saveFile(name: string, content: string | Blob, type = 'text/plain'): void {
  const url = URL.createObjectURL(typeof content === 'string' ? new Blob([content], { type }) : content);
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  URL.revokeObjectURL(url);
}
