import { LINES, type Mark, type TemplatePage } from './page';

const escape = (text: string): string =>
  text.replace(
    /[&<>"]/g,
    (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c,
  );

const n = (mm: number): string => String(Math.round(mm * 1000) / 1000);

function stroke(line: keyof typeof LINES): string {
  const { widthMm, dash } = LINES[line];
  return `stroke="#000" stroke-width="${widthMm}"${dash ? ` stroke-dasharray="${dash.join(' ')}"` : ''}`;
}

function element(mark: Mark): string {
  switch (mark.kind) {
    case 'outline':
      return `<polygon points="${mark.points.map(([x, y]) => `${n(x)},${n(y)}`).join(' ')}" fill="${mark.fill ?? 'none'}" ${stroke(mark.line)}/>`;
    case 'circle':
      return `<circle cx="${n(mark.x)}" cy="${n(mark.y)}" r="${n(mark.r)}" fill="${mark.fill ?? 'none'}" ${stroke(mark.line)}/>`;
    case 'line':
      return `<line x1="${n(mark.from[0])}" y1="${n(mark.from[1])}" x2="${n(mark.to[0])}" y2="${n(mark.to[1])}" ${stroke(mark.line)}/>`;
    case 'text':
      return `<text x="${n(mark.x)}" y="${n(mark.y)}" font-family="sans-serif" font-size="${mark.sizeMm}"${mark.bold ? ' font-weight="bold"' : ''} text-anchor="${mark.anchor ?? 'start'}">${escape(mark.text)}</text>`;
  }
}

/**
 * One template page as an SVG document whose units are millimetres, so that it prints at true size.
 * @example pageSvg(page).startsWith('<svg') // true
 */
export function pageSvg({ widthMm, heightMm, title, marks, window, frame }: TemplatePage): string {
  const clip = window
    ? `<clipPath id="w"><rect x="${n(window[0])}" y="${n(window[1])}" width="${n(window[2])}" height="${n(window[3])}"/></clipPath>`
    : '';
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(widthMm)}mm" height="${n(heightMm)}mm" viewBox="0 0 ${n(widthMm)} ${n(heightMm)}">`,
    `<title>${escape(title)}</title>`,
    clip,
    `<g${window ? ' clip-path="url(#w)"' : ''}>`,
    ...marks.map(element),
    '</g>',
    '<g>',
    ...frame.map(element),
    '</g>',
    '</svg>',
  ]
    .filter(Boolean)
    .join('\n');
}
