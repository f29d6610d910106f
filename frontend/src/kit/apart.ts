export interface Spot {
  x: number;
  y: number;
  /** Half its width and half its height. */
  w: number;
  h: number;
}

/** Labels that would cover each other are moved up and down until they do not, each as little as it goes. */
export function apart(spots: Spot[], height: number): Spot[] {
  const moved = spots.map((spot) => ({ ...spot }));
  for (let round = 0; round < 20; round++) {
    let still = true;
    moved.forEach((a, i) =>
      moved.slice(i + 1).forEach((b) => {
        const over = a.h + b.h - Math.abs(a.y - b.y);
        if (over <= 0.5 || Math.abs(a.x - b.x) >= a.w + b.w) return;
        still = false;
        const [upper, lower] = a.y <= b.y ? [a, b] : [b, a];
        upper.y -= over / 2;
        lower.y += over / 2;
      }),
    );
    for (const spot of moved) spot.y = Math.min(Math.max(spot.y, spot.h), height - spot.h);
    if (still) break;
  }
  return moved;
}
