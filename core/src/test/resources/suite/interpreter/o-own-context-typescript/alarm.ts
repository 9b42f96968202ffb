import { Above, All, Never } from './rules';

const storm = new All([new Above('wind', 9), new Never(new Above('pressure', 1010))]);
console.log(storm.holds(new Map([['wind', 10]])));
