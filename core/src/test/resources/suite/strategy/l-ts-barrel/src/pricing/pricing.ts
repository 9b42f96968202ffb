export default interface Pricing { price(hours: number): number }
export type { default as PricingPolicy } from './pricing';
