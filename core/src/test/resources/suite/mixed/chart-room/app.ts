import { Buoy, Group, Legend, Mark, Shallowest, Wreck } from './chart';

const bay: Mark = new Group('bay')
  .add(new Buoy('north', 'red'))
  .add(new Group('inner').add(new Wreck('Marta', 7)).add(new Buoy('south', 'green')));

console.log(bay.accept(new Legend()), bay.accept(new Shallowest()));
