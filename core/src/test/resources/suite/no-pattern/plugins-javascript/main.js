import { App, Ships, Tides } from './app.js';

new App().use(new Tides()).use(new Ships());
