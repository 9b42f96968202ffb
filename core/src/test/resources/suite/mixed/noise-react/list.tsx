import { useFiltered, useShips } from './hooks';

export function ShipList() {
  const all = useShips();
  const [found, setText] = useFiltered(all);
  return (
    <section>
      <input onChange={(event) => setText(event.target.value)} />
      <ul>
        {found.map((ship) => (
          <li key={ship.id}>{ship.name}</li>
        ))}
      </ul>
    </section>
  );
}
