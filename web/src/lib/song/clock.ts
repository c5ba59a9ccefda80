/** Minutes and seconds: {@code 1:05.5}; tenths only where there are any. */
export function clock(seconds: number): string {
  const tenths = Math.round(seconds * 10);
  const minutes = Math.floor(tenths / 600);
  const left = (tenths - minutes * 600) / 10;
  const [whole = '0', part] = String(left).split('.');
  return `${minutes}:${whole.padStart(2, '0')}${part ? `.${part}` : ''}`;
}
