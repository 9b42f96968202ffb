import { createContext, useContext, useEffect, useMemo, useReducer, useState } from 'react';

export interface Ship {
  id: string;
  name: string;
  berth?: number;
}

export type Action =
  | { kind: 'arrived'; ship: Ship }
  | { kind: 'moored'; id: string; berth: number }
  | { kind: 'left'; id: string };

export function ships(state: Ship[], action: Action): Ship[] {
  switch (action.kind) {
    case 'arrived':
      return [...state, action.ship];
    case 'moored':
      return state.map((ship) => (ship.id === action.id ? { ...ship, berth: action.berth } : ship));
    case 'left':
      return state.filter((ship) => ship.id !== action.id);
  }
}

export class ShipSocket {
  private socket?: WebSocket;
  constructor(private readonly url: string) {}
  open(onAction: (action: Action) => void): void {
    this.socket = new WebSocket(this.url);
    this.socket.onmessage = (event) => onAction(JSON.parse(event.data));
  }
  close(): void {
    this.socket?.close();
  }
}

export const SocketContext = createContext(new ShipSocket('wss://aldera.example'));

export function useShips(): Ship[] {
  const socket = useContext(SocketContext);
  const [state, dispatch] = useReducer(ships, []);
  useEffect(() => {
    socket.open(dispatch);
    return () => socket.close();
  }, [socket]);
  return state;
}

export function useFiltered(all: Ship[]): [Ship[], (text: string) => void] {
  const [text, setText] = useState('');
  const found = useMemo(() => all.filter((ship) => ship.name.includes(text)), [all, text]);
  return [found, setText];
}
