export function doubled(things) {
  const all = [];
  for (const key in things) {
    const thing = things[key];
    all.push(thing.clone ? thing.clone() : thing);
  }
  return all;
}
