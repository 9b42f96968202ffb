import { HttpClient } from './http';
import { TideApi, TideCache } from './tides';

const cache = new TideCache(new TideApi(new HttpClient({ baseUrl: 'https://aldera.example' })));
cache.today().then((tides) => console.log(tides.map((tide) => tide.level)));
