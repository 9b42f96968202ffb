export * from './pricing';
export { Weekday as WeekdayPricing } from './weekday';
export { default as Weekend } from './weekend';
