import { Franking } from './post';

export function morning(): number {
  const franking = new Franking();
  franking.frank(18);
  franking.use('parcel');
  return franking.frank(800);
}
