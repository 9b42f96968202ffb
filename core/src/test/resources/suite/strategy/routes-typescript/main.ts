import { scenic, shortest, Trip } from './routes';

const trip = new Trip(shortest, 'quay');
console.log(trip.to('island'));
trip.setChoice(scenic);
console.log(trip.to('island'));
