import type { Schemas } from '$lib/api/client';

export type DanceMap = Schemas['DanceMapView'];

/** A band of the map as it is drawn: where it begins, and its figures that are shown. */
export interface Strip {
  words: string;
  at: number;
  figures: string[];
}

/** The map with only some figures; empty bands fall away and places count on without gaps. */
export interface MapLayout {
  rows: Strip[];
  columns: Strip[];
  rowOf: Map<string, number>;
  columnOf: Map<string, number>;
  cells: Schemas['CellView'][];
}

function strips(bands: Schemas['BandView'][], shown: (id: string) => boolean): Strip[] {
  let at = 0;
  const found: Strip[] = [];
  for (const band of bands) {
    const figures = band.figures.filter(shown);
    if (figures.length === 0) continue;
    found.push({ words: `${band.position}, ${band.manFree} free`, at, figures });
    at += figures.length;
  }
  return found;
}

const places = (list: Strip[]) => new Map(list.flatMap((s) => s.figures).map((id, place) => [id, place]));

/** Lays the map out: rows by how figures end, columns by how they begin. */
export function layOut(map: DanceMap, shown: (id: string) => boolean): MapLayout {
  const rows = strips(map.endings, shown);
  const columns = strips(map.beginnings, shown);
  return {
    rows,
    columns,
    rowOf: places(rows),
    columnOf: places(columns),
    cells: map.cells.filter((cell) => shown(cell.before) && shown(cell.after))
  };
}

/** How wide a cell is drawn so that the whole map fits: 9 to 17 for up to 60 figures. */
export const cellSize = (figures: number) => Math.max(9, Math.min(17, Math.floor(560 / Math.max(figures, 1))));
