/** A drawn picture of an electrical box, 800 by 600: a capacitor's can, a board, wires; what a photo of one shows, seen at an angle. */
export function boxHtml(seed: number): string {
  const wire = (k: number): string => {
    const at = (by: number): number => (seed * 131 + k * by * 97) % 500;
    return `<path d="M ${120 + at(3)} ${80 + at(5) * 0.8} C ${at(7) + 100} ${at(11) + 50}, ${at(13) + 200} ${at(17)}, ${150 + at(19)} ${120 + at(23) * 0.7}" stroke="${["#1a1a1a", "#e8e6df", "#a3231c", "#c8a21c", "#5b3a1d", "#24427a"][k % 6]}" stroke-width="9" fill="none"/>`;
  };
  return `<!doctype html><style>body{margin:0;width:800px;height:600px;overflow:hidden;background:#3d3a35;perspective:1100px}
  svg{transform:rotateY(${(seed % 5) * 5 - 10}deg) rotateX(${(seed % 3) * 5 - 5}deg);background:#8f9496}</style>
  <svg width="800" height="600"><rect x="20" y="20" width="760" height="560" fill="#a9aeb0" stroke="#4c5052" stroke-width="8"/>
  <ellipse cx="560" cy="400" rx="110" ry="130" fill="#d6d9da" stroke="#555" stroke-width="4"/>
  <g fill="#c9a34a" stroke="#333">${[0, 1, 2].map((k) => `<rect x="${500 + k * 44}" y="320" width="26" height="34"/>`).join("")}</g>
  <rect x="90" y="90" width="190" height="150" fill="#2c5a3a"/>${Array.from({ length: 8 }, (_, k) => wire(k + 1)).join("")}</svg>`;
}
