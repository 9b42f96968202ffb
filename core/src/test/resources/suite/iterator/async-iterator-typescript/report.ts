import { Archive } from './tides';

export async function highest(archive: Archive): Promise<number> {
  let most = 0;
  for await (const reading of archive.readings()) {
    most = Math.max(most, reading.metres);
  }
  return most;
}
