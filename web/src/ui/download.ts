/** Hands a text to the browser as a file. */
export function download(name: string, type: string, text: string): void {
  downloadUrl(name, URL.createObjectURL(new Blob([text], { type })));
}

/** Hands what lies in this page under an address to the browser as a file, and lets the address go. */
export function downloadUrl(name: string, url: string): void {
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A title as a file name. */
export function fileName(title: string, ending: string): string {
  const plain = title
    .normalize('NFD')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase();
  return `${plain === '' ? 'class' : plain}${ending}`;
}
