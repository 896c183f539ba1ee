/** A picture of which each point is put by hand; north is at its top where it is of the ground. */
export function pixels(
  columns: number,
  rows: number,
  put: (data: Uint8ClampedArray) => void,
): HTMLCanvasElement {
  const canvas = document.createElement("canvas");
  canvas.width = columns;
  canvas.height = rows;
  const c = canvas.getContext("2d");
  if (!c) return canvas;
  const image = c.createImageData(columns, rows);
  put(image.data);
  c.putImageData(image, 0, 0);
  return canvas;
}
