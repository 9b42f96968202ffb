import { ManifestBuilder } from './manifest';

export const draft = () => new ManifestBuilder().forShip('Alma').line('grain').seal().build();
