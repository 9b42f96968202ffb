import { BerthMeter } from './meter';
import { FlatTariff } from './tariff';

export function settle(minutes: number, member: boolean): number {
  const meter = new BerthMeter();
  if (member) meter.use(new FlatTariff(100));
  meter.tick(minutes);
  return meter.due();
}
