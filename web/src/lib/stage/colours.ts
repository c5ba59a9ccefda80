/** Colours of the look as they stand on the page. */
export function colours() {
  const style = getComputedStyle(document.documentElement);
  const of = (name: string) => style.getPropertyValue(`--color-${name}`).trim() || '#888888';
  return {
    ground: of('ground'),
    ink: of('ink'),
    soft: of('soft'),
    board: of('board'),
    seam: of('seam'),
    wall: of('wall'),
    man: of('man'),
    manTint: of('man-tint'),
    lady: of('lady'),
    ladyTint: of('lady-tint'),
    accent: of('accent')
  };
}

export type Colours = ReturnType<typeof colours>;
