import bitter from "@fontsource-variable/bitter/files/bitter-latin-wght-normal.woff2?url";
import sans from "@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2?url";
import type { Ground } from "../document/raster";
import { toScreen } from "../drawing/camera";
import { byDaylight } from "../looks/looks";
import { drawGround } from "../map/printedGround";
import type { Paper } from "./frame";

/** Pixels along the longer side of the picture of the ground. */
const PICTURE = 2400;

/** Pixels of a millimetre in a picture: 200 to the inch. */
export const FINE = 200 / 25.4;

/** The ground by daylight as a picture, as a data URL. */
export function groundPicture(ground: Ground, water: number): string {
  const [width, height] = [ground.columns * ground.cell, ground.rows * ground.cell];
  const scale = PICTURE / Math.max(width, height);
  const size = { width: Math.round(width * scale), height: Math.round(height * scale) };
  const canvas = document.createElement("canvas");
  Object.assign(canvas, size);
  const c = canvas.getContext("2d");
  if (!c) return "";
  const camera = { x: width / 2, y: height / 2, scale };
  const [left, bottom] = toScreen(camera, size, 0, 0);
  c.translate(-left, size.height - bottom);
  byDaylight(() => drawGround({ c, camera, size }, ground, water));
  return canvas.toDataURL("image/jpeg", 0.9);
}

async function embedded(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
  let text = "";
  for (let i = 0; i < bytes.length; i += 0x8000) {
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  }
  return `data:font/woff2;base64,${btoa(text)}`;
}

/** A sheet as an SVG file that carries its fonts with it. */
export async function svgFile(sheet: SVGSVGElement): Promise<string> {
  const copy = sheet.cloneNode(true) as SVGSVGElement;
  copy.removeAttribute("class");
  const fonts = await Promise.all([embedded(bitter), embedded(sans)]);
  const style = document.createElementNS("http://www.w3.org/2000/svg", "style");
  style.textContent = ["Bitter Variable", "Source Sans 3 Variable"]
    .map(
      (name, i) =>
        `@font-face{font-family:"${name}";font-weight:100 900;src:url(${fonts[i]}) format("woff2");}`,
    )
    .join("");
  copy.prepend(style);
  const text = new XMLSerializer().serializeToString(copy);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${text}`;
}

/** A sheet as a PNG file, {@link FINE} pixels to the millimetre. */
export async function pngFile(sheet: SVGSVGElement, paper: Paper): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await svgFile(sheet))}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(paper.width * FINE);
  canvas.height = Math.round(paper.height * FINE);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) => {
    canvas.toBlob(
      (blob) => (blob ? done(blob) : failed(new Error("it is too large"))),
      "image/png",
    );
  });
}

/** Hands a file to the user of the browser. */
export function save(file: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
