/** Gives the user a file made in the page. */
export function saveFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The download has its own hold on it by then.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
