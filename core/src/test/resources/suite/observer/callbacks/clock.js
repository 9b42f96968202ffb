export function tideClock() {
  const waiting = new Set();
  let height = 0;

  return {
    onTurn(fn) {
      waiting.add(fn);
      return () => waiting.delete(fn);
    },
    tick(metres) {
      const rising = metres > height;
      height = metres;
      for (const fn of [...waiting]) {
        fn(rising, metres);
      }
    },
  };
}
