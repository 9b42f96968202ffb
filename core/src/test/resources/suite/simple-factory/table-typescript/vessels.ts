export interface Vessel { toll(): number }
class Barge implements Vessel { toll() { return 40; } }
class Tanker implements Vessel { toll() { return 400; } }

type Kind = 'barge' | 'tanker';
const makers: Record<Kind, new () => Vessel> = { barge: Barge, tanker: Tanker };

export function enter(kind: Kind): Vessel {
  return new makers[kind]();
}
