import { download } from '$lib/api/files';

/** Lets the reader keep a drawing as an SVG file of its own: colours and faces of the theme are written into it. */
export function saveSvg(svg: SVGSVGElement, name: string) {
  download(standalone(svg), name, 'image/svg+xml');
}

const COLOURS = ['fill', 'stroke'];

/** The drawing as a text that needs no style sheet. */
export function standalone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const style = getComputedStyle(document.documentElement);
  const resolved = (value: string) =>
    value.replace(/var\((--[\w-]+)\)/g, (whole, name: string) => style.getPropertyValue(name).trim() || whole);
  for (const element of [copy, ...copy.querySelectorAll('*')]) {
    for (const attribute of COLOURS) {
      const value = element.getAttribute(attribute);
      if (value?.includes('var(')) element.setAttribute(attribute, resolved(value));
    }
    element.removeAttribute('class');
  }
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('font-family', 'sans-serif');
  return new XMLSerializer().serializeToString(copy);
}
