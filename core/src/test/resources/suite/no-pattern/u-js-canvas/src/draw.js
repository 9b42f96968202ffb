export function drawPath(context, { points: [first, ...rest] }) {
  context.beginPath();
  context.moveTo(first.x, first.y);
  rest.forEach(({ x, y }) => context.lineTo(x, y));
  context.stroke();
}

export function drawBox(context, { from, to }) {
  context.strokeRect(from.x, from.y, to.x - from.x, to.y - from.y);
}
