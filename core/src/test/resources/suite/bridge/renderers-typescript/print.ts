import { BerthSign, BuoySign, PlotterSurface, Sign, SvgSurface } from './shapes';

const signs: Sign[] = [new BuoySign(new SvgSurface(), 'red'), new BerthSign(new PlotterSurface(), 4)];
signs.forEach((sign) => sign.draw());
