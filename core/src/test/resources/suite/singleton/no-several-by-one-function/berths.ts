import { createLayout } from './layout';

export const berthLayout = createLayout(['number', 'length']);
export const tugLayout = createLayout(['name', 'power', 'crew']);
