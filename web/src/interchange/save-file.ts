/** Hands a text to the browser as a file to keep. */
export function saveFile(name: string, type: string, text: string): void {
  saveBlob(name, new Blob([text], { type }));
}

/** Hands bytes to the browser as a file to keep. What no file system takes in a name becomes a space. */
export function saveBlob(name: string, bytes: Blob): void {
  const address = URL.createObjectURL(bytes);
  const link = document.createElement('a');
  link.href = address;
  link.download = name.replace(/[\\/:*?"<>|\p{Cc}]+/gu, ' ').trim();
  link.click();
  URL.revokeObjectURL(address);
}
