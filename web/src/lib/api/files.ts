/** The one way in which something leaves the page as a file. */
export function download(content: Blob | string, name: string, type = 'application/octet-stream') {
  const blob = typeof content === 'string' ? new Blob([content], { type }) : content;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 0);
}

/** How a text in YAML is sent. */
export const yaml = (text: string) => ({
  body: text as never,
  bodySerializer: (body: unknown) => body as string,
  headers: { 'Content-Type': 'application/yaml' }
});
